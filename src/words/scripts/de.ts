import { de } from '../de';
import type { Tongues } from '../tongue';

/** Lays this language out for a page, before the app starts in it. */
((globalThis as Tongues).frostWords ??= {}).de = de;
