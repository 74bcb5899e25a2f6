import { GRIP } from './figures';

/** The gap under the ski at a place, mm, when half and when all of the weight is on it. */
export interface GapPoint {
  /** From the heel plate forward, cm; behind it negative. */
  positionCm: number;
  halfMm: number;
  fullMm: number;
}

export interface GripZone {
  /** From the heel plate forward, cm. */
  startCm: number;
  endCm: number;
}

/** Where a gap first and last reaches a height, by straight lines between the places; undefined if never. */
export function reach(points: readonly GapPoint[], heightMm: number): GripZone | undefined {
  const inside = points.map((point) => point.halfMm >= heightMm);
  const first = inside.indexOf(true);
  const last = inside.lastIndexOf(true);
  if (first < 0) return undefined;
  const cross = (a: GapPoint, b: GapPoint) =>
    a.positionCm + ((heightMm - a.halfMm) / (b.halfMm - a.halfMm)) * (b.positionCm - a.positionCm);
  return {
    startCm: first > 0 ? cross(points[first - 1]!, points[first]!) : points[0]!.positionCm,
    endCm:
      last < points.length - 1 ? cross(points[last]!, points[last + 1]!) : points[last]!.positionCm,
  };
}

/** Stretches in which the gap at full weight is no more than this, mm, by straight lines between the places. */
export function closedStretches(points: readonly GapPoint[], closedMm = GRIP.closedMm): GripZone[] {
  const stretches: GripZone[] = [];
  const add = (startCm: number, endCm: number) => {
    const last = stretches.at(-1);
    if (last && last.endCm === startCm) last.endCm = endCm;
    else if (endCm > startCm) stretches.push({ startCm, endCm });
  };
  for (let i = 1; i < points.length; i += 1) {
    const [a, b] = [points[i - 1]!, points[i]!];
    const isOpen = (point: GapPoint) => point.fullMm > closedMm;
    if (!isOpen(a) && !isOpen(b)) add(a.positionCm, b.positionCm);
    else if (isOpen(a) !== isOpen(b)) {
      const share = (closedMm - a.fullMm) / (b.fullMm - a.fullMm);
      const crossing = a.positionCm + share * (b.positionCm - a.positionCm);
      if (isOpen(b)) add(a.positionCm, crossing);
      else add(crossing, b.positionCm);
    }
  }
  return stretches;
}

/** Share of a zone in which the wax meets the snow at full weight: what is left is no higher than its layers. */
export function pressedShare(points: readonly GapPoint[], { startCm, endCm }: GripZone): number {
  const waxMm = GRIP.closedMm + GRIP.zoneLayers * GRIP.stickLayerMm;
  const pressed = closedStretches(points, waxMm).reduce((sum, one) => {
    const from = Math.max(startCm, one.startCm);
    const to = Math.min(endCm, one.endCm);
    return sum + Math.max(0, to - from);
  }, 0);
  return endCm > startCm ? pressed / (endCm - startCm) : 0;
}

/** Places inside a zone at which half weight leaves less room than its ends have: there the wax drags, cm. */
export const dipsIn = (points: readonly GapPoint[], zone: GripZone, heightMm: number): number[] =>
  points
    .filter(
      ({ positionCm, halfMm }) =>
        positionCm > zone.startCm && positionCm < zone.endCm && halfMm < heightMm,
    )
    .map(({ positionCm }) => positionCm);

/** Which ends of the measured stretch are still open, so that the zone may reach farther. */
export const openEnds = (points: readonly GapPoint[], heightMm: number): ('back' | 'front')[] => [
  ...(points[0]!.halfMm >= heightMm ? (['back'] as const) : []),
  ...(points.at(-1)!.halfMm >= heightMm ? (['front'] as const) : []),
];
