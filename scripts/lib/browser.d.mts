export const CHROMIUM: string;
export const CERTUTIL: string;
export const CHROMIUM_FLAGS: string[];
export function ensureChromium(): void;
