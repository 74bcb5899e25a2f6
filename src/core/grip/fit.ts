import { DomainError, requireWithin } from '../errors';
import { GRIP } from './coefficients';

/** The gap under the ski at a place, mm, when half and when all of the weight is on it. */
export interface GapPoint {
  /** From the heel plate forward, cm; behind it negative. */
  positionCm: number;
  halfMm: number;
  fullMm: number;
}

export type Stiffness = 'too_soft' | 'right' | 'too_stiff';

export interface GripZone {
  /** From the heel plate forward, cm. */
  startCm: number;
  endCm: number;
}

export interface GripFit {
  /** Where stick wax goes; and where klister, which is thicker and wants more room. */
  zone: GripZone;
  klisterZone: GripZone | undefined;
  /** Largest gap at half weight, mm, and where, cm; absent without a measurement. */
  pocketMm: number | undefined;
  pocketAtCm: number | undefined;
  stiffness: Stiffness | undefined;
  /** Where full weight closes the pocket, from heel to tip; empty where nowhere, undefined unmeasured. */
  closedAtFull: GripZone[] | undefined;
  /** Load that closes the pocket all over, as a share of the skier's weight; undefined unmeasured. */
  closingShare: number | undefined;
  /** Stick layers the pocket has room for. */
  roomLayers: number | undefined;
  /** Measured gaps, a feeler's two ends, or the simple rule alone. */
  basis: 'gaps' | 'feeler' | 'rule';
  notes: string[];
}

const LEAST_POINTS = 3;
const LONGEST_SKI_CM = 230;
/** The binding stands a little behind the middle of the ski. */
const AHEAD_SHARE = 0.55;
/** No grip zone ends nearer to the tip than this, cm. */
const TIP_CM = 20;

function checked(points: readonly GapPoint[], skiLengthCm: number): GapPoint[] {
  if (points.length < LEAST_POINTS) {
    throw new DomainError(
      'too_few',
      'gaps',
      points.length,
      'Give the gap at three places or more.',
    );
  }
  const sorted = [...points].sort((a, b) => a.positionCm - b.positionCm);
  sorted.forEach((point, i) => {
    requireWithin('positionCm', point.positionCm, -skiLengthCm, skiLengthCm);
    requireWithin('halfMm', point.halfMm, 0, 20);
    requireWithin('fullMm', point.fullMm, 0, 20);
    if (point.fullMm > point.halfMm) {
      throw new DomainError(
        'gap_grows',
        'gaps',
        point.positionCm,
        `At ${point.positionCm} cm the gap grows under more weight: measure it again.`,
      );
    }
    if (i > 0 && sorted[i - 1]!.positionCm === point.positionCm) {
      throw new DomainError(
        'twice',
        'gaps',
        point.positionCm,
        `The place ${point.positionCm} cm stands twice.`,
      );
    }
  });
  return sorted;
}

/** Weights of a fit, kg. */
export interface FitWeights {
  skierKg?: number;
  measuredKg?: number;
}

/** Farther from the weight it was measured under than this, a spring's straight line says nothing. */
const MOST_SHARE = 1.6;

function weightShare({ skierKg, measuredKg }: FitWeights): number {
  if (skierKg !== undefined) requireWithin('skierKg', skierKg, 20, 180);
  if (measuredKg !== undefined) requireWithin('measuredKg', measuredKg, 20, 180);
  const share = skierKg !== undefined && measuredKg !== undefined ? skierKg / measuredKg : 1;
  if (share > MOST_SHARE || share < 1 / MOST_SHARE) {
    throw new DomainError(
      'weights_apart',
      'measuredKg',
      share,
      `Measured under ${measuredKg} kg for a skier of ${skierKg} kg: too far apart, measure again.`,
    );
  }
  return share;
}

/** Where a gap first and last reaches a height, by straight lines between the places; undefined if never. */
function reach(points: readonly GapPoint[], heightMm: number): GripZone | undefined {
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

const HALF = 0.5;
const CLOSING_MOST = 9.9;

/**
 * The gaps as another skier would press them: each place springs in proportion to its load between and beyond the two
 * that were measured. `share` is the skier's weight over that of whoever stood on the ski.
 */
function underWeight(points: readonly GapPoint[], share: number): GapPoint[] {
  return points.map(({ positionCm, halfMm, fullMm }) => {
    const at = (load: number) => Math.max(0, halfMm + ((fullMm - halfMm) / HALF) * (load - HALF));
    return { positionCm, halfMm: at(HALF * share), fullMm: at(share) };
  });
}

/** Stretches in which the gap at full weight is closed, by straight lines between the places. */
function closedStretches(points: readonly GapPoint[]): GripZone[] {
  const stretches: GripZone[] = [];
  const add = (startCm: number, endCm: number) => {
    const last = stretches.at(-1);
    if (last && last.endCm === startCm) last.endCm = endCm;
    else if (endCm > startCm) stretches.push({ startCm, endCm });
  };
  for (let i = 1; i < points.length; i += 1) {
    const [a, b] = [points[i - 1]!, points[i]!];
    const isOpen = (point: GapPoint) => point.fullMm > GRIP.closedMm;
    if (!isOpen(a) && !isOpen(b)) add(a.positionCm, b.positionCm);
    else if (isOpen(a) !== isOpen(b)) {
      const share = (GRIP.closedMm - a.fullMm) / (b.fullMm - a.fullMm);
      const crossing = a.positionCm + share * (b.positionCm - a.positionCm);
      if (isOpen(b)) add(a.positionCm, crossing);
      else add(crossing, b.positionCm);
    }
  }
  return stretches;
}

/** The load that closes the last open place, as a share of full weight; by the spring of the two loads. */
function closingLoad(points: readonly GapPoint[]): number {
  return Math.max(
    ...points.map(({ halfMm, fullMm }) =>
      halfMm <= GRIP.closedMm
        ? HALF
        : fullMm >= halfMm
          ? CLOSING_MOST
          : Math.min(CLOSING_MOST, HALF + (HALF * (halfMm - GRIP.closedMm)) / (halfMm - fullMm)),
    ),
  );
}

function checkZone(zone: GripZone, skiLengthCm: number): void {
  const aheadCm = AHEAD_SHARE * skiLengthCm - TIP_CM;
  if (zone.endCm - zone.startCm > skiLengthCm || zone.endCm > aheadCm) {
    throw new DomainError(
      'zone_too_long',
      'zone',
      zone.endCm,
      `The zone would end ${Math.round(zone.endCm)} cm ahead of the heel plate: longer than a ski of ${skiLengthCm} cm has room for. Check the places.`,
    );
  }
}

/**
 * Grip zone from gaps measured at half and at full weight: where half weight leaves room for three stick layers and
 * air beneath, and where full weight closes it. Positions cm from the heel plate, gaps mm. `weights` in kg: the
 * skier's, and of whoever stood on the ski while it was measured (the skier where undefined). Too few places, gaps
 * that grow under more weight or a zone longer than the ski: DomainError.
 */
export function fitFromGaps(
  points: readonly GapPoint[],
  skiLengthCm: number,
  weights: FitWeights = {},
): GripFit {
  requireWithin('skiLengthCm', skiLengthCm, 80, LONGEST_SKI_CM);
  const share = weightShare(weights);
  const measured = checked(points, skiLengthCm);
  const sorted = underWeight(measured, share);
  const peak = sorted.reduce((a, b) => (b.halfMm > a.halfMm ? b : a));
  const leftMm = Math.max(...sorted.map((point) => point.fullMm));
  const stiffness: Stiffness =
    peak.halfMm < GRIP.softHalfMm ? 'too_soft' : leftMm > GRIP.stiffFullMm ? 'too_stiff' : 'right';
  const room = Math.max(0, peak.halfMm - GRIP.clearanceMm);
  const notes: string[] = [];
  if (stiffness === 'too_soft') {
    notes.push(
      'Half weight nearly closes the pocket: it will drag. A stiffer ski, or a short zone.',
    );
  }
  if (stiffness === 'too_stiff') {
    notes.push(
      'Full weight does not close the pocket: it will slip. A softer ski, or thicker wax.',
    );
  }
  if (share !== 1) {
    notes.push(
      `Measured under ${weights.measuredKg} kg, reckoned for ${weights.skierKg} kg: measure again with the skier when you can.`,
    );
  }
  const zone = reach(sorted, GRIP.clearanceMm + 3 * GRIP.stickLayerMm);
  if (!zone) {
    throw new DomainError(
      'no_pocket',
      'gaps',
      peak.halfMm,
      'At half weight there is no room for grip wax anywhere: the ski is too soft for this skier.',
    );
  }
  checkZone(zone, skiLengthCm);
  return {
    zone,
    klisterZone: reach(sorted, GRIP.clearanceMm + GRIP.klisterLayerMm),
    pocketMm: peak.halfMm,
    pocketAtCm: peak.positionCm,
    stiffness,
    closedAtFull: closedStretches(sorted),
    closingShare: closingLoad(measured) / share,
    roomLayers: Math.floor(room / GRIP.stickLayerMm),
    basis: 'gaps',
    notes,
  };
}

/** Klister stays this much shorter than stick wax in front, as a share of the zone (practice). */
const KLISTER_SHARE = 0.75;

/** Grip zone from where a 0.2 mm feeler stops behind and in front at half weight, cm from the heel plate. */
export function fitFromFeeler(backCm: number, frontCm: number, skiLengthCm: number): GripFit {
  requireWithin('skiLengthCm', skiLengthCm, 80, LONGEST_SKI_CM);
  if (frontCm <= backCm) {
    throw new DomainError(
      'ends_swapped',
      'frontCm',
      frontCm,
      'The front end lies behind the back end: swap them.',
    );
  }
  const zone = { startCm: backCm, endCm: frontCm };
  checkZone(zone, skiLengthCm);
  return {
    zone,
    klisterZone: { startCm: backCm, endCm: backCm + KLISTER_SHARE * (frontCm - backCm) },
    pocketMm: undefined,
    pocketAtCm: undefined,
    stiffness: undefined,
    closedAtFull: undefined,
    closingShare: undefined,
    roomLayers: Math.floor((GRIP.feelerMm - GRIP.clearanceMm) / GRIP.stickLayerMm),
    basis: 'feeler',
    notes: ['A feeler tells the ends, not the height: layers as the feeler leaves room for.'],
  };
}

/** The simple rule: from the heel plate to as far ahead of the pin as the heel is behind it. */
export function fitByRule(heelBehindPinCm: number = GRIP.heelBehindPinCm): GripFit {
  requireWithin('heelBehindPinCm', heelBehindPinCm, 18, 40);
  const endCm = 2 * heelBehindPinCm;
  return {
    zone: { startCm: 0, endCm },
    klisterZone: { startCm: 0, endCm: KLISTER_SHARE * endCm },
    pocketMm: undefined,
    pocketAtCm: undefined,
    stiffness: undefined,
    closedAtFull: undefined,
    closingShare: undefined,
    roomLayers: undefined,
    basis: 'rule',
    notes: ['By the simple rule, not measured: measure the pocket when you can.'],
  };
}
