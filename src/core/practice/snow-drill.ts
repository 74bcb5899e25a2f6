import { DAY_MS, HOUR_MS } from '../units/constants';
import { firstGuessOfSnowTemperature, type GrainShape } from '../snow';
import { outlook, wetnessOf, type OutlookInput, type SurfaceKind } from '../snow/outlook';
import { AMOUNTS, type WindWord } from '../snow/forecast-terms';
import { weatherFromSimple, type SimpleForecast } from '../snow/simple-forecast';
import { GRAINS, WETNESSES, type Grain, type HandHardness, type Sky, type Wetness } from '../terms';
import { drawFor, type Draw } from './draw';
import { MORNINGS, PRACTICE, type MorningRecipe } from './figures';
import { crpsOf, logScoreOf, probabilityOf, worthOf, type ClassBelief } from './score';
import type { DrillMark } from './types';

const FIGURES = PRACTICE.snow;

/** What made the snow of the morning. */
export const SNOW_TOPICS = Object.keys(MORNINGS) as readonly SnowTopic[];
export type SnowTopic = keyof typeof MORNINGS;

const FLAT = { slopeDeg: 0, aspectDeg: 0, shadeFraction: 0 };

export const SQUEAKS = ['none', 'soft', 'loud'] as const;
export type Squeak = (typeof SQUEAKS)[number];

/** What a person saw, felt and heard of a morning; no figure of the snow. Air in whole °C, as the hut's thermometer has it. */
export interface SeenMorning {
  /** The day before. */
  warmestC: number;
  /** In the night. */
  lowestC: number;
  nowC: number;
  nightSky: Sky;
  morningSky: Sky;
  wind: WindWord;
  /** Snow or rain in the night, and how much of it in words. */
  fell: { what: 'none' | 'snow' | 'rain'; amount: SimpleForecast['amount'] };
  hour: number;
  surface: SurfaceKind;
  /** A ball pressed in the hand, in the word of the wetness that it would be by itself. */
  ball: Wetness;
  finger: HandHardness;
  squeak: Squeak;
  /** Grains under the lens: what they are drawn from. */
  grains: GrainShape & { mm: number; isBound: boolean };
}

/** The snow as it is. */
export interface TrueSnow {
  temperatureC: number;
  grain: Grain;
  wetness: Wetness;
}

export interface SnowItem {
  seen: SeenMorning;
  truth: TrueSnow;
}

/** Midnight of a winter's day, UTC. */
const WINTER_MS = Date.UTC(FIGURES.year, 0, 1);

/** Class of grains of a shape; wet ones are melt forms, what was wet and froze a crust. */
function classOf(
  { dendricity, sphericity }: GrainShape,
  what: { isCrust: boolean; wetness: Wetness; surface: SurfaceKind },
): Grain {
  if (what.isCrust) return 'refrozen_crust';
  if (what.surface === 'machine_made' && what.wetness === 'dry') return 'MM';
  const isRoundByWater = dendricity === 0 && sphericity > FIGURES.meltSphericity;
  if (isRoundByWater || (what.wetness !== 'dry' && dendricity <= FIGURES.brokenDendricity))
    return 'MF';
  if (dendricity > FIGURES.newDendricity) return 'PP';
  if (dendricity > FIGURES.brokenDendricity) return 'DF';
  return sphericity < FIGURES.facetedSphericity ? 'FC' : 'RG';
}

/** The weather of a morning by its recipe: the day before with its night, and the day that comes. */
function morningOf(recipe: MorningRecipe, draw: Draw, midnightMs: number) {
  const lowC = draw.between(recipe.lowC);
  const eveningC = lowC + draw.between(recipe.eveningK);
  const usual = { chance: draw.one(recipe.chance), wind: draw.one(recipe.wind) };
  const amount = draw.one(AMOUNTS);
  const night = { lowC, highC: eveningC, sky: draw.one(recipe.nightSky) };
  const before: SimpleForecast = {
    ...usual,
    amount,
    night,
    day: {
      lowC: eveningC,
      highC: Math.max(eveningC, lowC + draw.between(recipe.beforeK)),
      sky: draw.one(recipe.beforeSky),
    },
  };
  const day = { lowC, highC: lowC + draw.between(recipe.riseK), sky: draw.one(recipe.morningSky) };
  const today: SimpleForecast = { ...usual, amount, day, night: { ...night, highC: day.highC } };
  const yesterday = weatherFromSimple(before, {
    midnightMs: midnightMs - DAY_MS,
    dayFirst: true,
  });
  const rest = weatherFromSimple(today, { midnightMs, dayFirst: true });
  return { before, today, weather: [...yesterday, ...rest.slice(1)] };
}

const squeakOf = (temperatureC: number, wetness: Wetness): Squeak => {
  const { loudBelowC, softBelowC } = FIGURES.squeak;
  if (wetness !== 'dry' || temperatureC > softBelowC) return 'none';
  return temperatureC > loudBelowC ? 'soft' : 'loud';
};

/** What runs of the model leave at a time: one of its members, as the truth of a morning. */
function drawnSnow(input: OutlookInput, timeMs: number, draw: Draw) {
  const { timesMs, dendricity, sphericity, grainSizeMm, members } = outlook({
    ...input,
    members: FIGURES.members,
    memberTimesMs: [timeMs],
  });
  const at = timesMs.findIndex((ms) => ms >= timeMs);
  const member = members![0]!;
  const one = draw.whole([0, member.temperatureC.length - 1]);
  const waterPercent = member.waterPercent[one]!;
  return {
    temperatureC: member.temperatureC[one]!,
    waterPercent,
    wetness: wetnessOf(waterPercent),
    isCrust: member.isCrust[one] === 1,
    shape: { dendricity: dendricity.p50[at]!, sphericity: sphericity.p50[at]! },
    mm: grainSizeMm.p50[at]!,
  };
}

/** The morning of a topic and a seed: the snow by the model, and what of it a person saw. */
export function snowItem(topic: SnowTopic, seed: number): SnowItem {
  const draw = drawFor(topic, seed);
  const recipe = MORNINGS[topic];
  const midnightMs = WINTER_MS + draw.whole(FIGURES.dayOfWinter) * DAY_MS;
  const { before, today, weather } = morningOf(recipe, draw, midnightMs);
  const hour = draw.whole(FIGURES.askedHour);
  const timeMs = midnightMs + hour * HOUR_MS;
  const { surface } = recipe;
  const start = {
    dendricity: draw.between(recipe.dendricity),
    sphericity: draw.between(recipe.sphericity),
  };
  const input: OutlookInput = {
    site: {
      latitude: draw.between(FIGURES.latitude),
      longitude: 0,
      altitudeM: draw.between(FIGURES.altitudeM),
      ...FLAT,
    },
    surface: { kind: surface, ...start },
    weather,
    seed,
  };
  const { shape, isCrust, mm, ...snow } = drawnSnow(input, timeMs, draw);
  const grain = classOf(shape, { isCrust, wetness: snow.wetness, surface });
  const hut = (airC: number) => Math.round(airC + draw.normal(FIGURES.hutSdK));
  const airAt = (ms: number) => weather.find((one) => one.timeMs >= ms)!.airTemperatureC;
  const felt = snow.waterPercent * Math.exp(draw.normal(FIGURES.waterLogSd));
  const isSnow = before.night.highC < FIGURES.snowBelowC;
  return {
    truth: { temperatureC: snow.temperatureC, wetness: snow.wetness, grain },
    seen: {
      warmestC: hut(before.day.highC),
      lowestC: hut(before.night.lowC),
      nowC: hut(airAt(timeMs)),
      nightSky: before.night.sky,
      morningSky: today.day.sky,
      wind: before.wind,
      fell: {
        what: before.chance === 'none' ? 'none' : isSnow ? 'snow' : 'rain',
        amount: before.amount,
      },
      hour,
      surface,
      ball: wetnessOf(felt),
      finger: draw.one(recipe.finger),
      squeak: squeakOf(snow.temperatureC + draw.normal(FIGURES.squeakSdK), snow.wetness),
      grains: { ...shape, mm, isBound: isCrust },
    },
  };
}

/** What a person says of the snow, and how sure they are. */
export interface SnowBelief {
  temperatureC: number;
  /** Two times in three the truth lies within, K. */
  sdK: number;
  grain: ClassBelief<Grain>;
  wetness: ClassBelief<Wetness>;
}

export interface SnowMark extends DrillMark {
  truth: TrueSnow;
  /** Of the temperature, K; and what going by the table of the air alone would have scored. */
  crpsK: number;
  byAirCrpsK: number;
  byAirC: number;
  /** Of the classes, nats. */
  grainScore: number;
  wetnessScore: number;
}

/** What a belief is worth by proper scores: false sureness costs. */
export function markSnow({ truth, seen }: SnowItem, belief: SnowBelief): SnowMark {
  const crpsK = crpsOf(truth.temperatureC, belief.temperatureC, belief.sdK);
  const guess = firstGuessOfSnowTemperature(seen.nowC, seen.morningSky, 'dawn');
  const grain = probabilityOf(belief.grain, truth.grain, GRAINS.length);
  const wetness = probabilityOf(belief.wetness, truth.wetness, WETNESSES.length);
  const { weights } = FIGURES;
  return {
    quality:
      weights.temperature * worthOf(crpsK, FIGURES.crpsScaleK) +
      weights.grain * grain +
      weights.wetness * wetness,
    biasK: belief.temperatureC - truth.temperatureC,
    said: {
      probability: belief.grain.probability,
      came: belief.grain.said === truth.grain,
    },
    truth,
    crpsK,
    byAirCrpsK: crpsOf(truth.temperatureC, guess.temperatureC, guess.temperatureSdC),
    byAirC: guess.temperatureC,
    grainScore: logScoreOf(grain),
    wetnessScore: logScoreOf(wetness),
  };
}
