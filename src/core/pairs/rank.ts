import type { SnowConditions } from '../wax';
import { PAIRS } from './figures';
import type {
  PairDay,
  PairReason,
  PairSkier,
  PairState,
  RankedPair,
  SnowGround,
  WeighedReason,
} from './types';

/** How firm the snow is under a ski: machine-made, glazed and refrozen snow holds, fresh snow gives way. */
export function groundOf({
  origin,
  glazed,
  grain,
}: Partial<Pick<SnowConditions, 'origin' | 'glazed' | 'grain'>>): SnowGround {
  if (glazed || origin === 'machine_made' || grain === 'refrozen_crust') return 'firm';
  if (grain === 'PP' || grain === 'DF') return 'loose';
  return 'usual';
}

const weighed = (reason: PairReason, points: number): WeighedReason => ({ reason, points });

/** The stone's structure against the one that the snow asks for: by doublings of width. */
function byGrind({ ski: { grindMm }, kmSinceGrind }: PairState, { widthMm }: PairDay) {
  const reasons: WeighedReason[] = [];
  if (widthMm !== undefined) {
    if (grindMm === undefined) reasons.push(weighed({ code: 'grind_unknown' }, 0));
    else {
      const doublings = Math.log2(grindMm / widthMm);
      const over = Math.max(0, Math.abs(doublings) - PAIRS.grindClose) * PAIRS.pointsADoubling;
      const share = doublings > 0 ? 1 : PAIRS.fineShare;
      const points = -Math.min(PAIRS.mostGrindPoints, over * share);
      const code =
        points === 0 ? 'grind_fits' : doublings > 0 ? 'grind_too_coarse' : 'grind_too_fine';
      reasons.push(weighed({ code, grindMm, widthMm }, points === 0 ? 1 : points));
    }
  }
  if (grindMm !== undefined && kmSinceGrind > PAIRS.wornKm) {
    reasons.push(weighed({ code: 'grind_worn', km: kmSinceGrind }, -PAIRS.wornPoints));
  }
  return reasons;
}

/** The weight a pair was picked for against the skier's, on this snow. */
function byFlex(
  { ski: { flexKg } }: PairState,
  { weightKg }: PairSkier,
  { ground }: PairDay,
): WeighedReason[] {
  if (weightKg === undefined) return [];
  if (flexKg === undefined) return [weighed({ code: 'flex_unknown' }, 0)];
  const off = flexKg / (weightKg * PAIRS.firmFlex[ground]) - 1;
  const over = Math.max(0, Math.abs(off) - PAIRS.flexClose);
  const points = -Math.min(PAIRS.mostFlexPoints, over * PAIRS.pointsAFlexUnit);
  const code = points === 0 ? 'flex_fits' : off < 0 ? 'flex_too_soft' : 'flex_too_stiff';
  return [weighed({ code, flexKg, weightKg, ground }, points === 0 ? 1 : points)];
}

/** What of a fault counts when it takes so long to mend: all of it where the time left is shorter, less with time to spare. */
const shareLeft = (hours: number, hoursLeft: number) =>
  Math.min(1, Math.max(PAIRS.mendedShare, hours / Math.max(hoursLeft, Number.EPSILON)));

/** The wax in its base and the marks on it, against the time there is to mend them. */
function byTimeLeft({ reserve, findings }: PairState, { hoursLeft }: PairDay): WeighedReason[] {
  const share = (hours: number) => (hoursLeft === undefined ? 1 : shareLeft(hours, hoursLeft));
  const isLate = (hours: number) => hoursLeft !== undefined && hours > hoursLeft;
  const reasons: WeighedReason[] = [];
  if (reserve >= PAIRS.lowReserve) reasons.push(weighed({ code: 'reserve_good', reserve }, 0));
  else {
    const points = -PAIRS.reservePoints * share(PAIRS.reserveHours);
    reasons.push(
      isLate(PAIRS.reserveHours)
        ? weighed({ code: 'reserve_low_late', reserve, hoursLeft: hoursLeft! }, points)
        : weighed({ code: 'reserve_low', reserve }, points),
    );
  }
  const kinds = [...new Set(findings.map(({ kind }) => kind))];
  const pointsOf = (some: typeof kinds) =>
    -some.reduce((sum, kind) => sum + PAIRS.markPoints[kind] * share(PAIRS.mendHours[kind]), 0);
  const late = kinds.filter((kind) => isLate(PAIRS.mendHours[kind]));
  const mendable = kinds.filter((kind) => !late.includes(kind));
  if (late.length > 0) {
    const reason: PairReason = { code: 'marks_late', kinds: late, hoursLeft: hoursLeft! };
    reasons.push(weighed(reason, pointsOf(late)));
  }
  if (mendable.length > 0) {
    reasons.push(weighed({ code: 'marks', kinds: mendable }, pointsOf(mendable)));
  }
  return reasons;
}

/** Its last test on snow like this, the less the more unlike the snow was; what is not clear weighs nothing. */
function byTest({ test }: PairState): WeighedReason[] {
  if (!test || test.distance >= PAIRS.testReach) return [];
  const { percent, seconds, halfPercent, distance, daysAgo } = test;
  if (Math.abs(percent) <= halfPercent) return [weighed({ code: 'tested_alike', daysAgo }, 0)];
  const share = 1 - distance / PAIRS.testReach;
  const most = Math.min(PAIRS.mostTestPoints, Math.abs(percent) * PAIRS.testPoints) * share;
  return [
    percent < 0
      ? weighed({ code: 'tested_faster', percent: -percent, seconds, daysAgo }, most)
      : weighed({ code: 'tested_slower', percent, seconds, daysAgo }, -most),
  ];
}

/** What the pair is kept for, whose it is, and what the skier thinks of it. */
function byOwner({ ski }: PairState, skier: PairSkier, { isRace }: PairDay): WeighedReason[] {
  const reasons: WeighedReason[] = [];
  if (isRace && ski.purpose === 'training') {
    reasons.push(weighed({ code: 'kept_for_training' }, -PAIRS.trainingPoints));
  }
  if (skier.likesSkiId === ski.id) {
    reasons.push(weighed({ code: 'skier_likes_it' }, PAIRS.wishPoints));
  }
  if (ski.owner !== skier.name) {
    reasons.push(weighed({ code: 'of_the_team' }, -PAIRS.strangerPoints));
  }
  return reasons;
}

/**
 * The pairs that a skier may take, the one that suits the day best first, each with reasons and what they weigh.
 * Points order the pairs; they are no time. Whose pairs these may be is decided before.
 */
export function rankPairs(
  pairs: readonly PairState[],
  skier: PairSkier,
  day: PairDay,
): RankedPair[] {
  return pairs
    .map((pair): RankedPair => {
      const reasons = [
        ...byGrind(pair, day),
        ...byFlex(pair, skier, day),
        ...byTimeLeft(pair, day),
        ...byTest(pair),
        ...byOwner(pair, skier, day),
      ].sort((a, b) => Math.abs(b.points) - Math.abs(a.points));
      const points = reasons.reduce((sum, one) => sum + one.points, 0);
      return { skiId: pair.ski.id, skiName: pair.ski.name, points, reasons };
    })
    .sort((a, b) => b.points - a.points || a.skiName.localeCompare(b.skiName, 'en'));
}
