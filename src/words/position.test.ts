import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { between } from '../../tests/unit/arbitraries';
import { positionFrom, positionText } from './position';

describe('a position as people write it', () => {
  it.each([
    ['46.61 N 10.19 E', 46.61, 10.19],
    ['46.61N, 10.19E', 46.61, 10.19],
    ['N 46.61 E 10.19', 46.61, 10.19],
    ['n46.61 e10.19', 46.61, 10.19],
    ['46.61, 10.19', 46.61, 10.19],
    ['46.61 10.19', 46.61, 10.19],
    ['46.61;10.19', 46.61, 10.19],
    ['46,61 10,19', 46.61, 10.19],
    ['46,61 N 10,19 E', 46.61, 10.19],
    ['-44.9 168.7', -44.9, 168.7],
    ['−44.9, 168.7', -44.9, 168.7],
    ['44.9 S 168.7 E', -44.9, 168.7],
    ['44.5 N 110.25 W', 44.5, -110.25],
    ['46°36′ N 10°11′ E', 46.6, 10 + 11 / 60],
    ['46° 36\' 36" N 10° 11\' 24" E', 46.61, 10.19],
    ["46°36.6' N 10°11.4' E", 46.61, 10.19],
    ['46°N 10°E', 46, 10],
  ])('%s', (text, latitude, longitude) => {
    const found = positionFrom(text)!;
    expect(found.latitude).toBeCloseTo(latitude, 6);
    expect(found.longitude).toBeCloseTo(longitude, 6);
  });

  it.each([
    '',
    'home',
    '46.61',
    '46.61 N',
    '95 N 10 E',
    '46 N 190 E',
    '10 E',
    'N E',
    '4 5 6',
    '46 N 10 O',
    '<b>',
  ])('is none: %s', (text) => expect(positionFrom(text)).toBeUndefined());

  it('is read back as it was written', () => {
    for (const position of [
      { latitude: 46.61, longitude: 10.19 },
      { latitude: -44.9012, longitude: -168.7 },
      { latitude: 0, longitude: 0 },
    ]) {
      expect(positionFrom(positionText(position))).toEqual(position);
    }
  });
});

describe('anywhere on the globe', () => {
  const degrees = (most: number) => between(-most, most);
  /** Degrees, minutes and seconds with the letter of their half. */
  const inSixties = (value: number, [plus, minus]: readonly [string, string]) => {
    const tenths = Math.round(Math.abs(value) * 36_000);
    const [whole, minutes] = [Math.floor(tenths / 36_000), Math.floor((tenths % 36_000) / 600)];
    return `${whole}°${String(minutes).padStart(2, '0')}′${(tenths % 600) / 10}″ ${value < 0 ? minus : plus}`;
  };

  it.each<[string, (latitude: number, longitude: number) => string]>([
    ['as the app writes it', (latitude, longitude) => positionText({ latitude, longitude })],
    ['with points', (latitude, longitude) => `${latitude.toFixed(5)}, ${longitude.toFixed(5)}`],
    [
      'with commas',
      (latitude, longitude) =>
        `${latitude.toFixed(5)} ${longitude.toFixed(5)}`.replaceAll('.', ','),
    ],
    [
      'in degrees, minutes and seconds',
      (latitude, longitude) =>
        `${inSixties(latitude, ['N', 'S'])} ${inSixties(longitude, ['E', 'W'])}`,
    ],
  ])('a position %s is found within ten metres', (_, written) => {
    fc.assert(
      fc.property(degrees(90), degrees(180), (latitude, longitude) => {
        const found = positionFrom(written(latitude, longitude))!;
        expect(Math.abs(found.latitude - latitude)).toBeLessThan(1e-4);
        expect(Math.abs(found.longitude - longitude)).toBeLessThan(1e-4);
      }),
      { numRuns: 500 },
    );
  });
});
