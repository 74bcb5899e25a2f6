import type { MemberSnow } from '../snow/outlook';
import type { Dirt, Origin } from '../terms';
import { SETTLED_SHARPNESS } from '../snow/grain-shape';
import { HOUSE_LIMITS, effectiveSharpness, isHardTrack, snowTemperaturePoints } from '../wax';
import { waterOf } from '../wax/terms';
import { standardised } from './standardised';
import type { SnowConditions } from '../wax';

/** A stretch of the course as the choice weighs it; undefined: the spot of the reading. */
export interface CaseSegment {
  name?: string;
  /** Share of the course's length; all sum to 1. */
  share: number;
  origin: Origin;
  glazed?: boolean;
}

/**
 * Everything the snow may be: for each time of the start window, each segment and each member. Arrays are laid
 * out time after time, segment after segment, member by member.
 */
export interface SnowCases {
  timesMs: readonly number[];
  segments: readonly CaseSegment[];
  members: number;
  /** Sum to 1. */
  memberWeights: Float64Array;
  /** Contact temperature, °C. */
  temperatureC: Float64Array;
  /** Over water, 0…1. */
  humidity: Float64Array;
  sharpness: Float64Array;
  /** Liquid water, % by volume; its class follows from it. */
  waterPercent: Float64Array;
  /** 1: glazed, or a crust that was wet and froze. */
  hardTrack: Float64Array;
  /** Size of the grains, mm; undefined: not known. */
  grainMm?: Float64Array;
  /** Air by time and segment, °C. */
  airTemperatureC: Float64Array;
  dirt: Dirt;
  /** What the ledger does not know, by member, K; undefined: 0 for all. See withModelSpread. */
  modelOffsetK?: Float64Array;
  /** Of cases of one reading: what was read. Its additive needs are those of what was read, in every case. */
  reading?: { temperatureC: number; sdK: number };
}

/** What each case has of its own: whoever takes cases out or apart goes over all of it. */
export const PER_CASE = [
  'temperatureC',
  'humidity',
  'sharpness',
  'waterPercent',
  'hardTrack',
  'grainMm',
] as const;
export type PerCase = (typeof PER_CASE)[number];

/** The cases with each of their arrays taken through a function. */
export function eachArray(
  cases: SnowCases,
  take: (values: Float64Array) => Float64Array,
): Pick<SnowCases, PerCase> {
  const taken = PER_CASE.map((key) => [key, cases[key] && take(cases[key])] as const);
  return Object.fromEntries(taken) as Pick<SnowCases, PerCase>;
}

/** What a person saw at a place that the model does not know, or knows worse. */
export interface SeenOnCourse {
  origin?: Origin;
  /** Of the grain that was seen; undefined leaves the model's. */
  sharpness?: number;
  glazed?: boolean;
  /** A crust that was wet and froze. */
  isCrust?: boolean;
}

/** What a reading, or the snow of a request, says of a place that the model does not know. */
export function seenIn(snow: Partial<SnowConditions> | undefined): SeenOnCourse | undefined {
  if (!snow) return undefined;
  const hasGrain = snow.grain !== undefined || snow.sharpness !== undefined;
  return {
    origin: snow.origin,
    sharpness: hasGrain ? effectiveSharpness(snow) : undefined,
    glazed: snow.glazed,
    isCrust: snow.grain === 'refrozen_crust',
  };
}

/** One segment with its members at every time of the window. */
export interface SegmentMembers {
  segment: CaseSegment;
  atTimes: readonly MemberSnow[];
  airTemperatureC: readonly number[];
  seen?: SeenOnCourse;
}

/** Blocks of machine-made snow bite by abrasion: as to sharpness they count as settled at least. */
const biteOf = ({ origin }: CaseSegment, sharpness: number): number =>
  origin === 'machine_made' ? Math.max(SETTLED_SHARPNESS, sharpness) : sharpness;

/**
 * Cases of a course from the members of its segments. Members are matched by rank of temperature: the
 * weather's errors are those of the whole course, so a cold member is cold everywhere (house).
 */
export function casesFromMembers(
  timesMs: readonly number[],
  places: readonly SegmentMembers[],
  dirt: Dirt,
): SnowCases {
  const members = places[0]!.atTimes[0]!.temperatureC.length;
  const size = timesMs.length * places.length * members;
  const knowsSize = places.every(({ atTimes }) => atTimes.every(({ grainMm }) => grainMm));
  const cases: SnowCases = {
    timesMs,
    segments: places.map(({ segment, seen }) => ({
      ...segment,
      origin: seen?.origin ?? segment.origin,
      glazed: seen?.glazed ?? segment.glazed,
    })),
    members,
    memberWeights: new Float64Array(members).fill(1 / members),
    temperatureC: new Float64Array(size),
    humidity: new Float64Array(size),
    sharpness: new Float64Array(size),
    waterPercent: new Float64Array(size),
    hardTrack: new Float64Array(size),
    grainMm: knowsSize ? new Float64Array(size) : undefined,
    airTemperatureC: new Float64Array(timesMs.length * places.length),
    dirt,
  };
  let at = 0;
  timesMs.forEach((_, t) => {
    places.forEach((place, s) => {
      const snow = place.atTimes[t]!;
      const { seen } = place;
      const isHard = seen?.glazed === true || seen?.isCrust === true;
      const segment = cases.segments[s]!;
      cases.airTemperatureC[at / members] = place.airTemperatureC[t]!;
      for (let m = 0; m < members; m += 1) {
        cases.temperatureC[at + m] = Math.min(0, snow.temperatureC[m]!);
        cases.humidity[at + m] = snow.humidity[m]!;
        cases.sharpness[at + m] = seen?.sharpness ?? biteOf(segment, snow.sharpness[m]!);
        cases.hardTrack[at + m] = isHard ? 1 : snow.isCrust[m]!;
        if (cases.grainMm) cases.grainMm[at + m] = snow.grainMm![m]!;
        cases.waterPercent[at + m] = snow.waterPercent[m]!;
      }
      at += members;
    });
  });
  return cases;
}

/** Cases of one reading: one place and time, its temperature's spread taken by quadrature. */
export function casesFromReading(snow: SnowConditions, timeMs = 0): SnowCases {
  const sd = snow.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC;
  const { values, weights } = snowTemperaturePoints(snow.temperatureC, sd);
  const members = values.length;
  return {
    timesMs: [timeMs],
    segments: [{ share: 1, origin: snow.origin, glazed: snow.glazed }],
    members,
    memberWeights: weights,
    temperatureC: values,
    humidity: new Float64Array(members).fill(snow.humidityFraction),
    sharpness: new Float64Array(members).fill(effectiveSharpness(snow)),
    waterPercent: new Float64Array(members).fill(waterOf(snow)),
    airTemperatureC: Float64Array.of(snow.airTemperatureC ?? snow.temperatureC),
    hardTrack: new Float64Array(members).fill(isHardTrack(snow) ? 1 : 0),
    dirt: snow.dirt,
    reading: { temperatureC: snow.temperatureC, sdK: sd },
  };
}

/** Every `stride`-th member of many: what a column of a table needs. Members stand by rank, so they stay spread. */
export function thinned(cases: SnowCases, stride: number): SnowCases {
  if (cases.members < stride * stride) return cases;
  const kept = Array.from(
    { length: Math.floor(cases.members / stride) },
    (_, k) => k * stride + (stride >> 1),
  );
  const blocks = cases.timesMs.length * cases.segments.length;
  const total = kept.reduce((sum, m) => sum + cases.memberWeights[m]!, 0);
  const size = blocks * kept.length;
  const few = (values: Float64Array): Float64Array =>
    Float64Array.from({ length: size }, (_, i) => {
      const block = Math.floor(i / kept.length);
      return values[block * cases.members + kept[i % kept.length]!]!;
    });
  const memberWeights = Float64Array.from(kept, (m) => cases.memberWeights[m]! / total);
  return {
    ...cases,
    ...eachArray(cases, few),
    members: kept.length,
    memberWeights,
    modelOffsetK: cases.modelOffsetK && thinnedOffsets(cases, kept, memberWeights),
  };
}

/** The cases of the last time alone. */
export function atLastTime(cases: SnowCases): SnowCases {
  const size = cases.segments.length * cases.members;
  return {
    ...cases,
    ...eachArray(cases, (values) => values.slice(-size)),
    timesMs: cases.timesMs.slice(-1),
    airTemperatureC: cases.airTemperatureC.slice(-cases.segments.length),
  };
}

/** What is left of the draws, with the mean and the spread they had. */
function thinnedOffsets(
  { modelOffsetK = new Float64Array(), memberWeights }: SnowCases,
  kept: readonly number[],
  weights: Float64Array,
): Float64Array {
  const variance = modelOffsetK.reduce((sum, one, m) => sum + memberWeights[m]! * one * one, 0);
  const offsets = Float64Array.from(kept, (m) => modelOffsetK[m]!);
  return standardised(offsets, weights, Math.sqrt(variance));
}

/** The same snow at the air's own temperature, as someone without a probe would take it. */
export function casesByAir(cases: SnowCases): SnowCases {
  const temperatureC = cases.temperatureC.map((_, i) =>
    Math.min(0, cases.airTemperatureC[Math.floor(i / cases.members)]!),
  );
  return { ...cases, temperatureC, reading: undefined };
}
