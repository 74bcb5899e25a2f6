import { describe, expect, it } from 'vitest';
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
