import { describe, expect, it } from 'vitest';
import {
  drawCard as draw,
  USUAL_CARD as USUAL,
  type DrawnCard,
} from '../../../tests/unit/drawn-card';
import { measureGrains } from './index';

const middle = (sorted: readonly number[], share = 0.5) =>
  sorted[Math.floor(share * sorted.length)]!;

describe('grains on a ruled card', () => {
  it.each<[string, Partial<DrawnCard>]>([
    ['as usual', {}],
    ['fine grains near the camera', { medianMm: 0.4, pxPerMm: 55, rulingMm: 1, grains: 120 }],
    ['coarse grains from far', { medianMm: 2.2, pxPerMm: 14, rulingMm: 3, grains: 60 }],
    ['askew to the left', { askewDeg: -13, seed: 7 }],
    ['straight', { askewDeg: 0, seed: 8 }],
    ['of one size', { spread: 0.03, seed: 9 }],
    ['of many sizes', { spread: 0.5, medianMm: 0.8, seed: 10 }],
    ['round', { thin: 1, seed: 11 }],
    ['needles', { thin: 0.3, seed: 12 }],
    ['in bad light', { noise: 14, slope: 60, seed: 13 }],
    ['with a bright ruling', { lineGrey: 140, seed: 14 }],
    ['few', { grains: 30, seed: 15 }],
  ])('have their sizes within 15 %%: %s', (_, change) => {
    const { picture, sizesMm } = draw(change);
    const card = { ...USUAL, ...change };
    const found = measureGrains(picture, card.rulingMm);
    if (found.kind !== 'measured') throw new Error(found.kind);
    expect(Math.abs(found.pxPerMm / card.pxPerMm - 1)).toBeLessThan(0.02);
    expect(Math.abs(found.medianMm / middle(sizesMm) - 1)).toBeLessThan(0.15);
    expect(Math.abs(found.lowMm / middle(sizesMm, 0.16) - 1)).toBeLessThan(0.25);
    expect(Math.abs(found.highMm / middle(sizesMm, 0.84) - 1)).toBeLessThan(0.25);
    expect(found.grains.length).toBeGreaterThan(0.8 * sizesMm.length);
  });

  it('that touch are told apart', () => {
    const { picture } = draw({ grains: 0, noise: 2, slope: 0 });
    const { grey, width } = picture;
    const disc = (cx: number, cy: number, r: number) => {
      for (let y = cy - r; y <= cy + r; y += 1) {
        for (let x = cx - r; x <= cx + r; x += 1) {
          if (Math.hypot(x - cx, y - cy) <= r) grey[y * width + x] = 210;
        }
      }
    };
    for (let k = 0; k < 8; k += 1) {
      disc(90 + 95 * k, 200, 15);
      disc(90 + 95 * k + 27, 205, 15);
    }
    const found = measureGrains(picture, USUAL.rulingMm);
    if (found.kind !== 'measured') throw new Error(found.kind);
    expect(found.grains).toHaveLength(16);
    expect(Math.abs(found.medianMm / (31 / USUAL.pxPerMm) - 1)).toBeLessThan(0.15);
  });

  it('are not made up where nothing can be said', () => {
    const { picture } = draw({ grains: 4 });
    expect(measureGrains(picture, 2).kind).toMatch(/too_few|no_contrast/);
    expect(measureGrains(draw({ grains: 9 }).picture, 2)).toMatchObject({ kind: 'too_few' });
    const white = { ...picture, grey: picture.grey.map((value) => 255 - value) };
    expect(measureGrains(white, 2)).toEqual({ kind: 'light_card' });
    expect(measureGrains(draw({ grains: 0 }).picture, 2).kind).toMatch(/no_contrast|too_few/);
    const bare = draw({ lineGrey: 40 });
    expect(measureGrains(bare.picture, 2).kind).toBe('no_ruling');
  });
});
