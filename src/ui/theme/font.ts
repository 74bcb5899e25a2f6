import localFont from 'next/font/local';
import './fallback.css';

/** Letters beyond western Europe: fetched when one is written. */
const further = localFont({
  src: '../../../node_modules/@fontsource-variable/archivo/files/archivo-latin-ext-wght-normal.woff2',
  weight: '100 900',
  display: 'swap',
  preload: false,
  adjustFontFallback: false,
  variable: '--font-further',
  declarations: [{ prop: 'unicode-range', value: 'U+0100-02BA, U+1E00-1EFF, U+20A0-20C0' }],
});

/** The letters of this interface, fetched with the page; until they are there, others of the same width. */
const letters = localFont({
  src: '../../../node_modules/@fontsource-variable/archivo/files/archivo-latin-wght-normal.woff2',
  weight: '100 900',
  display: 'swap',
  adjustFontFallback: 'Arial',
  variable: '--font-letters',
});

/** Puts the fonts' names within reach of all under the element that has it. */
export const fontNames = `${further.variable} ${letters.variable}`;
