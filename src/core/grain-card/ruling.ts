import { DEGREE, GRAIN_CARD } from './figures';
import { shareOf, type GreyPicture } from './light';

/** The ruling of a card as it lies on a photo. */
export interface Ruling {
  /** Between two lines, pixels. */
  periodPx: number;
  /** How far the card lies askew, radians. */
  askew: number;
  /** Grey of its lines. */
  lineGrey: number;
}

/** Mean grey of strips one pixel wide across a direction; strips that the picture hardly has are empty (NaN). */
function profile({ grey, width, height }: GreyPicture, angle: number, most: number): Float64Array {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  const reach = Math.ceil(Math.hypot(width, height) / 2);
  const sums = new Float64Array(2 * reach + 1);
  const counts = new Uint32Array(2 * reach + 1);
  // Every second pixel, like the dark fields of a chessboard: no row and no column is left out.
  for (let y = 0; y < height; y += 1) {
    for (let x = y % 2; x < width; x += 2) {
      const place = Math.round((x - width / 2) * cos + (y - height / 2) * sin) + reach;
      sums[place]! += Math.min(most, grey[y * width + x]!);
      counts[place]! += 1;
    }
  }
  const full = Math.min(width, height) / (2 + 2);
  return sums.map((sum, i) => (counts[i]! < full ? NaN : sum / counts[i]!));
}

/** The strips that are there, each less the mean of its neighbours: what stands out as a line. */
function standingOut(strips: Float64Array): Float64Array {
  const there = strips.filter((value) => !Number.isNaN(value));
  const reach = GRAIN_CARD.leastPeriodPx;
  return there.map((value, i) => {
    const [from, to] = [Math.max(0, i - reach), Math.min(there.length, i + reach + 1)];
    let sum = 0;
    for (let k = from; k < to; k += 1) sum += there[k]!;
    return value - sum / (to - from);
  });
}

const squares = (values: Float64Array): number =>
  values.reduce((sum, value) => sum + value * value, 0) / Math.max(1, values.length);

/** How well a series repeats itself after a shift, −1 to 1. */
function repeat(values: Float64Array, shift: number): number {
  let [both, one, other] = [0, 0, 0];
  for (let i = 0; i + shift < values.length; i += 1) {
    both += values[i]! * values[i + shift]!;
    one += values[i]! * values[i]!;
    other += values[i + shift]! * values[i + shift]!;
  }
  return one > 0 && other > 0 ? both / Math.sqrt(one * other) : 0;
}

/** The shift of the top of a parabola through three neighbours. */
function topOf(before: number, at: number, after: number): number {
  const bend = before - 2 * at + after;
  return bend === 0 ? 0 : (before - after) / (2 * bend);
}

/** The period of a series, refined over as many periods as it has; undefined where it does not repeat. */
function periodOf(values: Float64Array): number | undefined {
  const { leastPeriodPx, leastPeriods, leastRepeat, shorterIsAsGood } = GRAIN_CARD;
  const longest = Math.floor(values.length / leastPeriods);
  const repeats = Float64Array.from({ length: longest + 2 }, (_, shift) =>
    shift < leastPeriodPx - 1 ? -1 : repeat(values, shift),
  );
  const isTop = (shift: number) =>
    repeats[shift]! >= repeats[shift - 1]! && repeats[shift]! >= repeats[shift + 1]!;
  const tops: number[] = [];
  for (let shift = leastPeriodPx; shift <= longest; shift += 1) if (isTop(shift)) tops.push(shift);
  const best = Math.max(...tops.map((shift) => repeats[shift]!), -1);
  if (best < leastRepeat) return undefined;
  const first = tops.find((shift) => repeats[shift]! >= shorterIsAsGood * best)!;
  let period = first + topOf(repeats[first - 1]!, repeats[first]!, repeats[first + 1]!);
  // Each further period measures the same length with a smaller error.
  for (let times = 2; times * period < values.length / 2; times += 1) {
    const near = Math.round(times * period);
    const around = [near - 1, near, near + 1].map((shift) => repeat(values, shift));
    const shift = topOf(around[0]!, around[1]!, around[2]!);
    if (Math.abs(shift) > 1 || around[1]! < leastRepeat) break;
    period = (near + shift) / times;
  }
  return period;
}

/** Grey of the strips that stand out most: those of the lines. */
function lineGreyOf(picture: GreyPicture, angle: number, periodPx: number): number {
  const strips = profile(picture, angle, Infinity).filter((value) => !Number.isNaN(value));
  const wanted = Math.max(1, Math.floor(strips.length / periodPx));
  const brightest = [...strips].sort((a, b) => b - a).slice(0, wanted);
  return brightest[Math.floor(brightest.length / 2)]!;
}

/** Finds the ruling of a card: how it lies, and how far its lines are apart; undefined where there is none. */
export function findRuling(picture: GreyPicture, card: number): Ruling | undefined {
  const { mostAskewDeg, coarseStepDeg, fineStepDeg, cutShare } = GRAIN_CARD;
  const bright = shareOf(picture.grey, 1 - GRAIN_CARD.specks);
  const most = card + cutShare * (bright - card);
  const strength = (angle: number) =>
    squares(standingOut(profile(picture, angle, most))) +
    squares(standingOut(profile(picture, angle + Math.PI / 2, most)));
  const search = (from: number, to: number, step: number): number => {
    let [best, strongest] = [from, -Infinity];
    for (let degrees = from; degrees <= to + step / 2; degrees += step) {
      const now = strength(degrees * DEGREE);
      if (now > strongest) [best, strongest] = [degrees, now];
    }
    return best;
  };
  const coarse = search(-mostAskewDeg, mostAskewDeg, coarseStepDeg);
  const askew = search(coarse - coarseStepDeg, coarse + coarseStepDeg, fineStepDeg) * DEGREE;
  const periods = [askew, askew + Math.PI / 2].flatMap(
    (angle) => periodOf(standingOut(profile(picture, angle, most))) ?? [],
  );
  if (periods.length === 0) return undefined;
  const [across = 0, along = across] = periods;
  // Squares: where the two directions do not agree, the longer one has missed lines that the other saw.
  const isSquare = Math.abs(across / along - 1) < GRAIN_CARD.squareWithin;
  const periodPx = isSquare ? (across + along) / 2 : Math.min(across, along);
  return { periodPx, askew, lineGrey: lineGreyOf(picture, askew, periodPx) };
}
