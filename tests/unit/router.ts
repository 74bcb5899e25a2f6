import { vi } from 'vitest';

/** Stands in for the router of the pages. */
export const router = { refresh: vi.fn(), push: vi.fn(), replace: vi.fn() };
