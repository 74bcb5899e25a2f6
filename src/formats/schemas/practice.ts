import { array, mixed, object, string, type Schema } from 'yup';
import { DISPUTE_FIELDS, DRILL_ANSWER_FIELDS, LEARNER_FIELDS } from '../../core/model';
import { WAXABLE, type Drill, type DrillAnswers } from '../../core/practice';
import { REPAIR_ORDER } from '../../core/ski';
import { FINDING_KINDS, GRAINS, WETNESSES } from '../../core/terms';
import { formatsScreenWords } from '../../words/screens/formats';
import { fieldsWords } from '../../words/areas/fields';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { schemaFrom } from './from-fields';
import { MOST } from './ids';
import { lazily, type Word } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.practice);
const MOST_STROKES = 6000;
const MOST_STEPS = 60;
const MOST_MS = 240_000;
const MOST_MM = 5000;

export const learnerSchema = schemaFrom(LEARNER_FIELDS, fieldsWords.LEARNER);
export const disputeSchema = schemaFrom(DISPUTE_FIELDS, fieldsWords.DISPUTE);

type Strokes = DrillAnswers['iron']['strokes'];

/** Moments of an iron, in order of time. */
function areStrokes(value: unknown): value is Strokes {
  if (!Array.isArray(value) || value.length > MOST_STROKES) return false;
  let before = 0;
  return value.every((one: unknown) => {
    if (!Array.isArray(one) || one.length !== 3 || !one.every(Number.isInteger)) return false;
    const [atMs, placeMm, isDown] = one as [number, number, number];
    const isLater = atMs >= before && atMs <= MOST_MS;
    before = atMs;
    return isLater && Math.abs(placeMm) <= MOST_MM && (isDown === 0 || isDown === 1);
  });
}

const share = (name: Word) =>
  boundedNumber(name, { low: 0, high: 1, unit: '' }).required(WORDS.missing(name));
const oneOf = <const T extends readonly string[]>(name: Word, of: T) =>
  oneOfWords(name, of).required(WORDS.missing(name));

const ANSWERS: Readonly<Record<Drill, Schema>> = {
  iron: object({
    strokes: mixed<Strokes>()
      .required(WORDS.missing(WORDS.strokes))
      .test('strokes', WORDS.noStrokes, areStrokes),
  }),
  snow: object({
    temperatureC: boundedNumber(WORDS.temperature, { low: -60, high: 0, unit: '°C' }).required(
      WORDS.missing(WORDS.temperature),
    ),
    sdK: boundedNumber(WORDS.spread, { low: 0.1, high: 15, unit: '°C' }).required(
      WORDS.missing(WORDS.spread),
    ),
    grain: oneOf(WORDS.grain, GRAINS),
    grainSure: share(WORDS.sure),
    wetness: oneOf(WORDS.wetness, WETNESSES),
    wetnessSure: share(WORDS.sure),
  }),
  pick: object({ picked: plainText(WORDS.wax, MOST).required(WORDS.missing(WORDS.wax)) }),
  order: object({
    keys: array(string().max(MOST).required())
      .max(MOST_STEPS, WORDS.noOrder)
      .required(WORDS.noOrder),
  }),
  see: object({
    kind: oneOf(WORDS.mark, FINDING_KINDS),
    first: oneOf(WORDS.first, REPAIR_ORDER),
    waxable: oneOf(WORDS.waxable, WAXABLE),
  }),
  test: object({ saidA: share(WORDS.sure) }),
};

/** The answer of a drill. */
export const answerSchema = (drill: Drill): Schema => ANSWERS[drill];

const { learnerId: _learner, answer: _answer, ...ITEM_FIELDS } = DRILL_ANSWER_FIELDS;

/** Which situation is answered, and how long it took; `learnerId` is left out by who keeps nothing. */
export const itemSchema = schemaFrom<{
  drill: Drill;
  topic: string;
  seed: number;
  pastId?: string;
  seconds: number;
}>(ITEM_FIELDS, fieldsWords.DRILL_ANSWER);
