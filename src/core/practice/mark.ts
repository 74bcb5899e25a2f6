import { DomainError } from '../errors';
import type { FindingKind, Grain, Wetness } from '../terms';
import type { SnowConditions } from '../wax';
import { ironItem, markIron, runStrokes, type IronMark, type IronTopic } from './iron-drill';
import { markOrder, orderItem, type OrderMark, type OrderTopic } from './order-drill';
import { markPick, pickItem, type PickMark } from './pick-drill';
import { markSee, seeItem, type SeeAnswer, type SeeMark } from './see-drill';
import { markSnow, snowItem, type SnowMark, type SnowTopic } from './snow-drill';
import { markTest, testItem, type TestMark, type TestTopic } from './test-drill';
import type { Drill, DrillItem, DrillMark } from './types';

/** What is answered in each drill, as it is sent and kept. */
export interface DrillAnswers {
  /** Moments of the iron: ms since the beginning, mm from the tip, 1: on the ski. */
  iron: { strokes: readonly (readonly [atMs: number, placeMm: number, isDown: 0 | 1])[] };
  snow: {
    temperatureC: number;
    sdK: number;
    grain: Grain;
    grainSure: number;
    wetness: Wetness;
    wetnessSure: number;
  };
  pick: { picked: string };
  order: { keys: readonly string[] };
  see: SeeAnswer;
  /** How likely A is the faster one. */
  test: { saidA: number };
}

/** What the marking of each drill tells. */
export interface DrillMarks {
  iron: IronMark;
  snow: SnowMark;
  pick: PickMark;
  order: OrderMark;
  see: SeeMark;
  test: TestMark;
}

/** Names do not matter for marking: keys do. */
const NAMELESS = { wax: '', liquid: '', soft: '', cleaner: '', klister: '' };
const PER_S = 1e-3;

type Marks = { [D in Drill]: (item: Asked, answer: DrillAnswers[D]) => DrillMarks[D] };

/** An item as it is answered; `past`: the snow of a reading, where one stood for it. */
export type Asked = DrillItem & { past?: SnowConditions };

const MARKS: Marks = {
  iron: ({ topic, seed }, { strokes }) => {
    const { bench } = ironItem(topic as IronTopic, seed);
    const moments = strokes.map(([atMs, placeMm, isDown]) => ({
      atS: atMs * PER_S,
      placeM: placeMm * PER_S,
      isDown: isDown === 1,
    }));
    return markIron(runStrokes(bench, moments));
  },
  snow: ({ topic, seed }, said) =>
    markSnow(snowItem(topic as SnowTopic, seed), {
      temperatureC: said.temperatureC,
      sdK: said.sdK,
      grain: { said: said.grain, probability: said.grainSure },
      wetness: { said: said.wetness, probability: said.wetnessSure },
    }),
  pick: ({ topic, seed, past }, { picked }) =>
    markPick(pickItem(topic as SnowTopic, seed, past), picked),
  order: ({ topic, seed }, { keys }) => {
    const mark = markOrder(orderItem(topic as OrderTopic, seed, NAMELESS), keys);
    if (!mark) throw new DomainError({ code: 'not_in_order' }, 'keys', keys);
    return mark;
  },
  see: ({ topic, seed }, answer) => markSee(seeItem(topic as FindingKind, seed), answer),
  test: ({ topic, seed }, { saidA }) => markTest(testItem(topic as TestTopic, seed), saidA),
};

/** Marks an answer to an item that there is (see isItem). Answers that belong to no such item: DomainError. */
export const markAnswer = <D extends Drill>(
  item: Asked & { drill: D },
  answer: DrillAnswers[D],
): DrillMarks[D] => MARKS[item.drill](item, answer);

/** Of a mark what is kept for progress. */
export const keptMark = ({ quality, biasK, costS, said }: DrillMark): DrillMark => ({
  quality,
  ...(biasK === undefined ? {} : { biasK }),
  ...(costS === undefined ? {} : { costS }),
  ...(said === undefined ? {} : { said }),
});
