import { ironAdvice, presetOn, IRON_KINDS, type IronAdvice, type IronKind } from '../iron';
import { IRON } from '../iron/figures';
import type { IronBench } from '../iron/types';
import { SHELF } from '../shelf/figures';
import { DomainError } from '../errors';
import { drawFor } from './draw';
import { PRACTICE } from './figures';
import {
  ironRow,
  isHurtNow,
  moveIron,
  uptakeByPlace,
  type IronHold,
  type IronRow,
} from './iron-row';
import type { DrillMark } from './types';

const FIGURES = PRACTICE.iron;

/** What is ironed: how hard the wax is. */
export const IRON_TOPICS = ['soft', 'middle', 'hard', 'cold'] as const;
export type IronTopic = (typeof IRON_TOPICS)[number];

/** A ski on the bench, a wax on it, and an iron at the wax's label. */
export interface IronItem {
  bench: IronBench;
  kind: IronKind;
}

/** The bench of a topic and a seed. */
export function ironItem(topic: IronTopic, seed: number): IronItem {
  const draw = drawFor(topic, seed);
  const kind = draw.one(IRON_KINDS);
  const roomC = Math.round(draw.between(FIGURES.roomC));
  const ironC = FIGURES.ironC[topic];
  const { ski } = FIGURES;
  return {
    kind,
    bench: {
      wax: { ironC, meltingC: ironC - SHELF.ironOverMeltingK },
      ski: { ...ski, startC: Math.round(roomC - draw.between(FIGURES.skiBelowRoomK)) },
      iron: { ...presetOn(kind, ski.widthM), setC: ironC },
      roomC,
      filmMicrometre: Math.round(draw.between(FIGURES.filmMicrometre)),
    },
  };
}

/** Where the iron was at a moment, s since the beginning. */
export interface IronStroke extends IronHold {
  atS: number;
}

/** What an ironing came to, over the whole ski and by place. */
export interface IronMark extends DrillMark {
  /** Share of what was empty that the wax filled: over the ski, by the best passes, and by place. */
  uptake: number;
  bestUptake: number;
  uptakeByPlace: number[];
  /** The last trail of each place, m. */
  trailByPlaceM: number[];
  peakByPlaceC: number[];
  peakC: number;
  /** Share of the length whose film never melted, and whose base softened or whose film smoked. */
  bare: number;
  hurt: number;
  /** Share of the passes over places that left a trail of 1 to 10 cm. */
  goodTrails: number;
  /** Spread of the uptake over its mean. */
  unevenness: number;
  best: IronAdvice | undefined;
}

/** Irons a ski along what a hand did; moments in order, at most some minutes. Others: DomainError. */
export function runStrokes(bench: IronBench, strokes: readonly IronStroke[]): IronRow {
  const row = ironRow(bench);
  for (const { atS, placeM, isDown } of strokes) {
    const seconds = atS - row.timeS;
    if (!(seconds >= 0) || atS > FIGURES.mostS || !Number.isFinite(placeM)) {
      throw new DomainError({ code: 'not_in_order' }, 'strokes', atS);
    }
    moveIron(row, { placeM, isDown }, seconds);
  }
  // What is still liquid sets.
  moveIron(row, { ...row.hold, isDown: false }, FIGURES.setS);
  return row;
}

const meanOf = (values: readonly number[]) =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

/** What a ski that was ironed is worth against the best that its wax, iron and room allow. */
export function markIron(row: IronRow): IronMark {
  const { bench, past } = row;
  const { advice: best } = ironAdvice(bench);
  const uptakes = uptakeByPlace(row);
  const bestUptake = best?.uptakeFraction ?? IRON.enoughUptake;
  const isHurt = isHurtNow(row);
  const isBare = Array.from(past.moltenS, (seconds) => seconds === 0);
  const worths = uptakes.map((one, cell) => {
    if (isBare[cell] || past.peakC[cell]! > IRON.stopBaseC) return 0;
    return Math.min(1, one / bestUptake) * (isHurt[cell] ? FIGURES.softenedWorth : 1);
  });
  const share = (flags: readonly boolean[]) => flags.filter(Boolean).length / flags.length;
  const sum = (values: Uint16Array) => values.reduce((all, one) => all + one, 0);
  const passes = sum(past.passes);
  const goodTrails = passes > 0 ? sum(past.goodPasses) / passes : 0;
  const uptake = meanOf(uptakes);
  const spread = Math.sqrt(meanOf(uptakes.map((one) => (one - uptake) ** 2)));
  return {
    quality: meanOf(worths) * (1 - FIGURES.trailShare * (1 - goodTrails)),
    uptake,
    bestUptake,
    uptakeByPlace: uptakes,
    trailByPlaceM: [...past.trailM],
    peakByPlaceC: [...past.peakC],
    peakC: Math.max(...past.peakC),
    bare: share(isBare),
    hurt: share(isHurt),
    goodTrails,
    unevenness: uptake > 0 ? spread / uptake : 0,
    best,
  };
}
