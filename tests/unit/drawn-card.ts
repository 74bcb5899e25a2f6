import type { GreyPicture } from '@/core/grain-card';
import { randomSource } from '@/core/random';

/** How a card is drawn. */
export interface DrawnCard {
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

/** A card as one sees it most often. */
export const USUAL_CARD: DrawnCard = {
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
export function drawCard(change: Partial<DrawnCard> = {}): {
  picture: GreyPicture;
  sizesMm: number[];
} {
  const card = { ...USUAL_CARD, ...change };
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
