import { casesFromReading, rank, type RankedChoice } from '../choice';
import { DomainError } from '../errors';
import { GLIDE_KINDS, type GlideKind } from '../quick/figures';
import type { Discipline } from '../terms';
import type { GlideProduct, OutingFacts, SnowConditions } from '../wax';
import { drawFor, type Draw } from './draw';
import { PRACTICE } from './figures';
import { worthOf } from './score';
import { snowItem, SNOW_TOPICS, type SnowTopic } from './snow-drill';
import type { DrillMark } from './types';

const FIGURES = PRACTICE.pick;
const OWN = { venueC: 0, handC: 0 };

/** What the snow of the day is; the mornings are those of the snow drill. */
export const PICK_TOPICS = SNOW_TOPICS;

/** A snow, an outing, and a shelf to pick from. */
export interface PickItem {
  snow: SnowConditions;
  outing: OutingFacts;
  /** Hard to soft; each is a usual kind with a label of its own. */
  products: (GlideProduct & { kind: GlideKind })[];
}

/** A usual shelf with labels that differ a little from shop to shop. */
function shelfOf(draw: Draw): PickItem['products'] {
  return (Object.keys(GLIDE_KINDS) as GlideKind[])
    .filter((kind) => kind !== 'all_round')
    .map((kind) => {
      const { lowC, highC } = GLIDE_KINDS[kind];
      const shift = draw.whole([-FIGURES.labelShiftK, FIGURES.labelShiftK]);
      const label = { labelLowC: lowC + shift, labelHighC: highC + shift };
      return { id: kind, name: kind, kind, ...label, additives: [], form: 'block' as const };
    });
}

function outingOf(draw: Draw): OutingFacts {
  const discipline: Discipline = draw.one(['skate', 'classic']);
  const purpose = draw.one(['race', 'recreation'] as const);
  const distanceKm = draw.whole(FIGURES.distanceKm[purpose]);
  return { discipline, purpose, distanceKm };
}

/** The situation of a topic and a seed; `past` is a reading that was once taken, which then stands for the snow. */
export function pickItem(topic: SnowTopic, seed: number, past?: SnowConditions): PickItem {
  const draw = drawFor(topic, seed);
  const products = shelfOf(draw);
  const outing = outingOf(draw);
  if (past) return { snow: past, outing, products };
  const { truth } = snowItem(topic, seed);
  const humidity = draw.between(FIGURES.humidity);
  const isMade = topic === 'machine_made';
  return {
    snow: {
      temperatureC: Math.min(0, Math.round(truth.temperatureC / FIGURES.readsK) * FIGURES.readsK),
      temperatureSdC: FIGURES.sdK,
      humidityFraction: Math.round(humidity / FIGURES.readsHumidity) * FIGURES.readsHumidity,
      origin: isMade ? 'machine_made' : 'natural',
      grain: truth.grain,
      wetness: truth.wetness,
      dirt: 'clean',
      glazed: truth.grain === 'refrozen_crust',
    },
    outing,
    products,
  };
}

/** The shelf of a situation ranked as every choice is. */
export const rankItem = ({ snow, outing, products }: PickItem): RankedChoice =>
  rank({ cases: casesFromReading(snow), outing, own: OWN, products });

export interface PickMark extends DrillMark {
  costS: number;
  biasK: number;
  bestId: string;
  choice: RankedChoice;
}

const centre = ({ labelLowC, labelHighC }: GlideProduct) => 0.5 * (labelLowC + labelHighC);

/** What a pick costs over the best of the shelf, s over the course, and to which side it lies. Not of the shelf: DomainError. */
export function markPick(item: PickItem, pickedId: string): PickMark {
  const choice = rankItem(item);
  const best = choice.ranking.find((one) => !one.excluded)!;
  const picked = choice.ranking.find(({ id }) => id === pickedId);
  if (!picked) throw new DomainError({ code: 'not_in_order' }, 'picked', pickedId);
  const costS = Math.max(0, picked.expectedLossSeconds - best.expectedLossSeconds);
  const of = (id: string) => centre(item.products.find((one) => one.id === id)!);
  return {
    quality:
      costS < FIGURES.alikeS
        ? 1
        : worthOf(costS - FIGURES.alikeS, FIGURES.secondsPerKm * item.outing.distanceKm),
    costS,
    biasK: costS < FIGURES.alikeS ? 0 : of(pickedId) - of(best.id),
    bestId: best.id,
    choice,
  };
}
