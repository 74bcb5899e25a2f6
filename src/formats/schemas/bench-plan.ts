import { array, number, object, string } from 'yup';
import { PROGRAMMES } from '../../core/bench';
import { PLAN_SKILLS } from '../../core/plan';
import { fieldsWords } from '../../words/areas/fields';
import { planWords } from '../../words/areas/plan';
import { formatsScreenWords } from '../../words/screens/formats';
import { boundedNumber, clockTime, oneOfWords, plainText, yesNo } from './fields';
import { MOST } from './ids';
import { list } from './list';
import { lazily, type Word } from '../../words/lazily';

const SCHEMAS = lazily(formatsScreenWords.schemas);
const FIELDS = lazily(fieldsWords);

const WORDS = lazily(planWords.cabin);
const REQUEST = lazily(planWords.request);

const LIMITS = {
  people: 60,
  irons: 20,
  things: 200,
  outings: 12,
  pairs: 400,
  tasks: 6000,
  visits: 200,
  shiftH: 24,
};
const HOUR_MS = 3_600_000;

const ms = (name: Word) =>
  boundedNumber(name, { low: 0, high: 4_102_444_800_000, unit: '' }).required(
    WORDS.timeMissing(name),
  );

const personSchema = object({
  id: plainText(WORDS.name, MOST).trim().required(WORDS.nameMissing),
  fromMs: ms(REQUEST.from),
  toMs: ms(REQUEST.to)
    .test('after', REQUEST.shiftEndsFirst, function isAfter(toMs) {
      return toMs > (this.parent as { fromMs: number }).fromMs;
    })
    .test('length', WORDS.shiftTooLong(LIMITS.shiftH), function isShort(toMs) {
      return toMs - (this.parent as { fromMs: number }).fromMs <= LIMITS.shiftH * HOUR_MS;
    }),
  skills: array(oneOfWords(REQUEST.skill, PLAN_SKILLS).required())
    .typeError(REQUEST.skills)
    .max(PLAN_SKILLS.length, REQUEST.skills),
}).typeError(WORDS.person);

const count = (name: Word, low: number) =>
  boundedNumber(name, { low, high: LIMITS.things, unit: '' })
    .integer(SCHEMAS.numberOutOfRange(name, low, LIMITS.things, ''))
    .required(FIELDS.missing(name));

/** Who and what is in the cabin. */
export const cabinSchema = object({
  people: list(personSchema.required(WORDS.person))
    .typeError(WORDS.people)
    .required(WORDS.people)
    .min(1, WORDS.nobody)
    .max(LIMITS.people, WORDS.tooMany(LIMITS.people)),
  irons: list(plainText(WORDS.iron, MOST).trim().required(WORDS.ironMissing))
    .typeError(WORDS.irons)
    .required(WORDS.irons)
    .max(LIMITS.irons, WORDS.tooMany(LIMITS.irons))
    .test('each', WORDS.ironTwice, (irons) => new Set(irons).size === irons.length),
  vices: count(REQUEST.vices, 1),
  brushStands: count(REQUEST.brushStands, 1),
  coolingPlaces: count(REQUEST.coolingPlaces, 1),
  opensAt: clockTime(WORDS.opensAt),
  closesAt: clockTime(WORDS.closesAt),
}).typeError(WORDS.cabin);

/** An outing and a ski. */
const pairId = () =>
  string()
    .typeError(WORDS.tasks)
    .required(WORDS.tasks)
    .max(2 * MOST + 1, WORDS.tasks);

/** What a plan is asked for. */
export const wishSchema = object({
  outingIds: list(plainText(WORDS.outing, MOST).required(WORDS.noOuting))
    .typeError(WORDS.noOuting)
    .required(WORDS.noOuting)
    .min(1, WORDS.noOuting)
    .max(LIMITS.outings, WORDS.tooMany(LIMITS.outings)),
  readyMin: boundedNumber(WORDS.readyMin, { low: 0, high: 600, unit: 'min' }).required(
    FIELDS.missing(WORDS.readyMin),
  ),
  topHours: boundedNumber(WORDS.topHours, { low: 0.5, high: 72, unit: 'h' }).required(
    FIELDS.missing(WORDS.topHours),
  ),
  leaveOut: list(oneOfWords(SCHEMAS.programme, PROGRAMMES).required())
    .typeError(SCHEMAS.programmesNotList)
    .max(PROGRAMMES.length, SCHEMAS.eachProgrammeOnce),
  mostCoats: boundedNumber(SCHEMAS.mostCoats, { low: 1, high: 10, unit: '' }),
  liquidFor: list(pairId()).typeError(WORDS.tasks).max(LIMITS.pairs, WORDS.tooMany(LIMITS.pairs)),
}).typeError(WORDS.wish);

const index = () => number().typeError(WORDS.tasks).integer().min(0).required(WORDS.tasks);

const taskSchema = object({
  pairId: pairId(),
  stepKey: string()
    .typeError(WORDS.tasks)
    .required(WORDS.tasks)
    .max(2 * MOST, WORDS.tasks),
  index: index(),
  startMs: number().typeError(WORDS.tasks).required(WORDS.tasks),
  endMs: number().typeError(WORDS.tasks).required(WORDS.tasks),
  technicianId: plainText(WORDS.name, MOST),
  ironId: plainText(WORDS.iron, MOST),
  viceId: plainText(WORDS.iron, MOST),
});

/** A plan that was made on a device, to be checked and kept. */
export const planToKeepSchema = object({
  cabin: cabinSchema.required(WORDS.cabin),
  wish: wishSchema.required(WORDS.wish),
  tasks: array(taskSchema.required(WORDS.tasks))
    .typeError(WORDS.tasks)
    .required(WORDS.tasks)
    .max(LIMITS.tasks, WORDS.tooMany(LIMITS.tasks)),
  /** The moment from which on it was planned. */
  fromMs: number().typeError(WORDS.tasks).required(WORDS.tasks),
});

/** Which visit of which pair of the plan in force. */
const visit = {
  pairId: pairId(),
  index: index().max(LIMITS.visits, WORDS.tasks),
};

/** A visit that is ticked, or taken back. */
export const tickSchema = object({ ...visit, isBack: yesNo(WORDS.tasks).default(false) });

/** A step of the plan in force that is moved by hand. */
export const moveSchema = object({
  ...visit,
  planId: plainText(WORDS.plan, MOST).required(WORDS.tasks),
  startMs: number().typeError(WORDS.tasks).required(WORDS.tasks),
  technicianId: plainText(WORDS.name, MOST),
});
