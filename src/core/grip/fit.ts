import { DomainError, requireIn, requireWithin } from '../errors';
import { GRIP, GRIP_LIMITS } from './figures';
import type { FitNote } from './findings';
import {
  closedStretches,
  dipsIn,
  openEnds,
  pressedShare,
  reach,
  type GapPoint,
  type GripZone,
} from './gaps';

export type Stiffness = 'too_soft' | 'right' | 'too_stiff';

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
  notes: FitNote[];
}

const { leastPoints: LEAST_POINTS, aheadShare: AHEAD_SHARE, tipCm: TIP_CM } = GRIP;

function checked(points: readonly GapPoint[], skiLengthCm: number): GapPoint[] {
  if (points.length < LEAST_POINTS) {
    throw new DomainError({ code: 'too_few', least: LEAST_POINTS }, 'gaps', points.length);
  }
  const sorted = [...points].sort((a, b) => a.positionCm - b.positionCm);
  sorted.forEach((point, i) => {
    const { positionCm } = point;
    requireWithin('positionCm', { value: positionCm, low: -skiLengthCm, high: skiLengthCm });
    requireIn('halfMm', point.halfMm, GRIP_LIMITS.gapMm);
    requireIn('fullMm', point.fullMm, GRIP_LIMITS.gapMm);
    if (point.fullMm > point.halfMm) {
      throw new DomainError({ code: 'gap_grows', positionCm }, 'gaps', positionCm);
    }
    if (i > 0 && sorted[i - 1]!.positionCm === point.positionCm) {
      throw new DomainError({ code: 'twice', positionCm }, 'gaps', positionCm);
    }
  });
  return sorted;
}

/** Weights of a fit, kg. */
export interface FitWeights {
  skierKg?: number;
  measuredKg?: number;
}

const { mostWeightShare: MOST_SHARE } = GRIP;

function weightShare({ skierKg, measuredKg }: FitWeights): number {
  if (skierKg !== undefined) requireIn('skierKg', skierKg, GRIP_LIMITS.weightKg);
  if (measuredKg !== undefined) requireIn('measuredKg', measuredKg, GRIP_LIMITS.weightKg);
  if (skierKg === undefined || measuredKg === undefined) return 1;
  const share = skierKg / measuredKg;
  if (share > MOST_SHARE || share < 1 / MOST_SHARE) {
    throw new DomainError({ code: 'weights_apart', skierKg, measuredKg }, 'measuredKg', share);
  }
  return share;
}

const HALF = 0.5;
const { closingMost: CLOSING_MOST, klisterShare: KLISTER_SHARE } = GRIP;

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
  const behindCm = (1 - AHEAD_SHARE) * skiLengthCm - TIP_CM;
  if (zone.endCm > aheadCm || zone.startCm < -behindCm) {
    const { endCm } = zone;
    throw new DomainError({ code: 'zone_too_long', endCm, skiLengthCm }, 'zone', endCm);
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
  requireIn('skiLengthCm', skiLengthCm, GRIP_LIMITS.skiLengthCm);
  const share = weightShare(weights);
  const measured = checked(points, skiLengthCm);
  const sorted = underWeight(measured, share);
  const peak = sorted.reduce((a, b) => (b.halfMm > a.halfMm ? b : a));
  const room = Math.max(0, peak.halfMm - GRIP.clearanceMm);
  const heightMm = GRIP.clearanceMm + GRIP.zoneLayers * GRIP.stickLayerMm;
  const zone = reach(sorted, heightMm);
  if (!zone) {
    throw new DomainError({ code: 'no_pocket', widestMm: peak.halfMm }, 'gaps', peak.halfMm);
  }
  checkZone(zone, skiLengthCm);
  const stiffness: Stiffness =
    peak.halfMm < GRIP.softHalfMm
      ? 'too_soft'
      : pressedShare(sorted, zone) < GRIP.pressedShare
        ? 'too_stiff'
        : 'right';
  const notes: FitNote[] = [];
  if (stiffness === 'too_soft') notes.push({ code: 'pocket_too_soft' });
  if (stiffness === 'too_stiff') notes.push({ code: 'pocket_too_stiff' });
  const { measuredKg, skierKg } = weights;
  if (measuredKg !== undefined && skierKg !== undefined && share !== 1) {
    notes.push({ code: 'other_weight', measuredKg, skierKg });
  }
  const [dip] = dipsIn(sorted, zone, heightMm);
  if (dip !== undefined) notes.push({ code: 'touches_inside', atCm: dip });
  for (const end of openEnds(sorted, heightMm)) notes.push({ code: 'end_open', end });
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

/** Grip zone from where a 0.2 mm feeler stops behind and in front at half weight, cm from the heel plate. */
export function fitFromFeeler(backCm: number, frontCm: number, skiLengthCm: number): GripFit {
  requireIn('skiLengthCm', skiLengthCm, GRIP_LIMITS.skiLengthCm);
  if (frontCm <= backCm) {
    throw new DomainError({ code: 'ends_swapped' }, 'frontCm', frontCm);
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
    notes: [{ code: 'feeler_ends_only' }],
  };
}

/** The simple rule: from the heel plate to as far ahead of the pin as the heel is behind it. */
export function fitByRule(
  heelBehindPinCm: number = GRIP.heelBehindPinCm,
  skiLengthCm: number = GRIP.defaultSkiCm,
): GripFit {
  requireIn('heelBehindPinCm', heelBehindPinCm, GRIP_LIMITS.heelBehindPinCm);
  requireIn('skiLengthCm', skiLengthCm, GRIP_LIMITS.skiLengthCm);
  const endCm = 2 * heelBehindPinCm;
  checkZone({ startCm: 0, endCm }, skiLengthCm);
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
    notes: [{ code: 'simple_rule' }],
  };
}
