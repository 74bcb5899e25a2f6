import { bodiesOf } from './bodies';
import { greatestExtension } from './extension';
import { GRAIN_CARD, WHITE } from './figures';
import { evenlyLit, shareOf, type GreyPicture } from './light';
import { findRuling, type Ruling } from './ruling';

/** A grain that was found whole: its middle on the photo, pixels, and its greatest extension. */
export interface FoundGrain {
  x: number;
  y: number;
  sizeMm: number;
}

/** Sizes of the grains on a photo, or why nothing can be said. */
export type GrainSizes =
  | {
      kind: 'measured';
      grains: FoundGrain[];
      medianMm: number;
      lowMm: number;
      highMm: number;
      /** Of a millimetre on the photo, pixels. */
      pxPerMm: number;
    }
  | { kind: 'light_card' | 'no_ruling' | 'no_contrast' }
  | { kind: 'too_few'; count: number };

/** The grey from which on a pixel is grain: half way between what lies under the grains and them. */
function grainFrom(grey: Float32Array, card: number, { lineGrey }: Ruling): number | undefined {
  const under = Math.max(card, lineGrey);
  const brightest = shareOf(grey, 1 - GRAIN_CARD.specks);
  if (brightest - under < GRAIN_CARD.leastContrast) return undefined;
  const inGrains = grey.filter((value) => value > (under + brightest) / 2);
  return (under + shareOf(inGrains, 1 / 2)) / 2;
}

/** Every body that is a whole grain, with its size. */
function wholeGrains(picture: GreyPicture, from: number, pxPerMm: number): FoundGrain[] {
  const { grey, width, height } = picture;
  const is = Uint8Array.from(grey, (value) => (value > from ? 1 : 0));
  const body = bodiesOf({ is, width, height });
  const points = new Map<number, [number, number][]>();
  const cut = new Set<number>();
  body.forEach((one, i) => {
    if (one < 0) return;
    const [x, y] = [i % width, Math.floor(i / width)];
    const known = points.get(one);
    if (known) known.push([x, y]);
    else points.set(one, [[x, y]]);
    // What the edge of the photo cuts has no size.
    if (x === 0 || y === 0 || x === width - 1 || y === height - 1) cut.add(one);
  });
  return [...points].flatMap(([one, all]) => {
    if (cut.has(one) || all.length < GRAIN_CARD.leastGrainPx) return [];
    const mean = (axis: 0 | 1) => all.reduce((sum, point) => sum + point[axis], 0) / all.length;
    return [{ x: mean(0), y: mean(1), sizeMm: greatestExtension(all) / pxPerMm }];
  });
}

/**
 * Measures grains that lie on a dark card with a square ruling of `rulingMm`. The size of a grain is its greatest
 * extension, as the classification of snow on the ground has it (Fierz et al. 2009).
 */
export function measureGrains(picture: GreyPicture, rulingMm: number): GrainSizes {
  const even = evenlyLit(picture);
  if (even.card > WHITE / 2) return { kind: 'light_card' };
  const ruling = findRuling(even, even.card);
  if (!ruling) return { kind: 'no_ruling' };
  const pxPerMm = ruling.periodPx / rulingMm;
  const from = grainFrom(even.grey, even.card, ruling);
  if (from === undefined) return { kind: 'no_contrast' };
  const grains = wholeGrains(even, from, pxPerMm);
  if (grains.length < GRAIN_CARD.leastGrains) return { kind: 'too_few', count: grains.length };
  const sizes = grains.map(({ sizeMm }) => sizeMm).sort((a, b) => a - b);
  const at = (share: number) =>
    sizes[Math.min(sizes.length - 1, Math.floor(share * sizes.length))]!;
  return {
    kind: 'measured',
    grains,
    medianMm: at(1 / 2),
    lowMm: at(GRAIN_CARD.lowShare),
    highMm: at(GRAIN_CARD.highShare),
    pxPerMm,
  };
}
