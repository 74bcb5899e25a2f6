import Dms from 'geodesy/dms.js';

/** A position, degrees; south and west negative. */
export interface Position {
  latitude: number;
  longitude: number;
}

/** Signs that people put for minutes and seconds, as the parser knows them. */
const plain = (text: string) =>
  text
    .trim()
    .toUpperCase()
    .replace(/[’'´`]/g, '′')
    .replace(/[”"]|′′/g, '″')
    .replace(/−|–/g, '-');

/** A decimal comma is one where the halves are told apart by something else. */
const withPoints = (half: string) => half.trim().replace(/(\d),(\d)/g, '$1.$2');

const LETTERS_AFTER = /^(.*?[NS])[\s,;]*(.*?[EW])$/;
const LETTERS_BEFORE = /^([NS].*?)[\s,;]*([EW].*)$/;
const TWO_NUMBERS = /^(-?\d+(?:[.,]\d+)?)(?:\s*;\s*|\s*,\s+|\s+|,)(-?\d+(?:[.,]\d+)?)$/;

/** Degrees of one half, `N 46.61`, `46°36′ N`, `-46.61`; NaN where it is none. */
function degrees(half: string): number {
  const text = withPoints(half);
  const letter = /[NSEW]/.exec(text)?.[0] ?? '';
  const figures = text.replace(/[NSEW]/g, '').trim();
  if (!/^-?[\d.\s°′″]+$/.test(figures)) return NaN;
  return Dms.parse(letter ? `${figures} ${letter}` : figures);
}

/**
 * A position as people write it: `46.61 N 10.19 E`, `46°36′ N 10°11′ E`, `N46.61 E10.19`, `46.61, 10.19`, with a
 * decimal comma too. Latitude first, as in the atlas. Undefined where it is none, or lies off the globe; the letter
 * O is none, since it is east in some languages and west in others.
 */
export function positionFrom(text: string): Position | undefined {
  const cell = plain(text);
  const halves = LETTERS_AFTER.exec(cell) ?? LETTERS_BEFORE.exec(cell) ?? TWO_NUMBERS.exec(cell);
  if (!halves) return undefined;
  const [latitude, longitude] = [degrees(halves[1]!), degrees(halves[2]!)];
  const isReal = Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180;
  return isReal ? { latitude, longitude } : undefined;
}

const DECIMALS = 4;
const half = (value: number, [plus, minus]: readonly [string, string]) =>
  `${Number(Math.abs(value).toFixed(DECIMALS))} ${value < 0 ? minus : plus}`;

/** The same way back, to about ten metres: `46.61 N 10.19 E`. */
export const positionText = ({ latitude, longitude }: Position): string =>
  `${half(latitude, ['N', 'S'])} ${half(longitude, ['E', 'W'])}`;
