import { describe, expect, it } from 'vitest';
import { randomSource } from '../random';
import { measureGrains, type GreyPicture } from './index';

/** How a card is drawn. */
interface Drawn {
  width: number;
  height: number;
  rulingMm: number;
  pxPerMm: number;
  askewDeg: number;
  /** Greatest extension of the grains: median, and how it spreads (of its logarithm). */
  medianMm: number;
  spread: number;
  grains: number;
  /** Thinner than long by this. */
  thin: number;
  noise: number;
  /** From dark at the left to light at the right, grey levels. */
  slope: number;
  lineGrey: number;
  seed: number;
}

const USUAL: Drawn = {
  width: 900,
  height: 700,
  rulingMm: 2,
  pxPerMm: 30,
  askewDeg: 4,
  medianMm: 1,
  spread: 0.25,
  grains: 90,
  thin: 0.7,
  noise: 6,
  slope: 25,
  lineGrey: 95,
  seed: 3,
};

/** A card with ellipses of known sizes, none over another; gives the picture and the sizes of those that are whole. */
function draw(change: Partial<Drawn> = {}): { picture: GreyPicture; sizesMm: number[] } {
  const card = { ...USUAL, ...change };
  const { width, height, pxPerMm, rulingMm, seed } = card;
  const { uniform: next, normal } = randomSource(seed);
  const grey = new Float32Array(width * height);
  const [cos, sin] = [card.askewDeg, card.askewDeg].map((deg, i) =>
    (i === 0 ? Math.cos : Math.sin)((deg * Math.PI) / 180),
  ) as [number, number];
  const period = rulingMm * pxPerMm;
  const lineHalf = 0.06 * pxPerMm;
  const isNear = (place: number) => {
    const off = ((place % period) + period) % period;
    return Math.min(off, period - off) < lineHalf;
  };
  for (let y = 0; y < height; y += 1) {
    for (let x = 0; x < width; x += 1) {
      const [u, v] = [x * cos + y * sin, -x * sin + y * cos];
      grey[y * width + x] = isNear(u) || isNear(v) ? card.lineGrey : 40;
    }
  }
  const placed: { x: number; y: number; r: number }[] = [];
  const sizesMm: number[] = [];
  for (let tries = 0; tries < 20_000 && placed.length < card.grains; tries += 1) {
    const sizeMm = card.medianMm * Math.exp(card.spread * normal());
    const r = (sizeMm * pxPerMm) / 2;
    const [x, y] = [next() * width, next() * height];
    if (placed.some((one) => Math.hypot(one.x - x, one.y - y) < one.r + r + 2)) continue;
    placed.push({ x, y, r });
    const isWhole = x > r && y > r && x < width - r && y < height - r;
    if (isWhole) sizesMm.push(sizeMm);
    const turn = next() * Math.PI;
    const bright = 190 + 30 * next();
    for (let py = Math.max(0, Math.floor(y - r)); py <= Math.min(height - 1, y + r); py += 1) {
      for (let px = Math.max(0, Math.floor(x - r)); px <= Math.min(width - 1, x + r); px += 1) {
        const along = (px - x) * Math.cos(turn) + (py - y) * Math.sin(turn);
        const across = -(px - x) * Math.sin(turn) + (py - y) * Math.cos(turn);
        if ((along / r) ** 2 + (across / (card.thin * r)) ** 2 < 1) grey[py * width + px] = bright;
      }
    }
  }
  // A lens: every pixel takes some of its neighbours.
  const soft = grey.map((_, i) => {
    let sum = 0;
    let count = 0;
    for (const step of [0, -1, 1, -width, width]) {
      if (grey[i + step] === undefined) continue;
      sum += grey[i + step]!;
      count += 1;
    }
    return sum / count + card.noise * normal() + card.slope * ((i % width) / width);
  });
  return { picture: { grey: soft, width, height }, sizesMm: sizesMm.sort((a, b) => a - b) };
}

const middle = (sorted: readonly number[], share = 0.5) =>
  sorted[Math.floor(share * sorted.length)]!;

describe('grains on a ruled card', () => {
  it.each<[string, Partial<Drawn>]>([
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
