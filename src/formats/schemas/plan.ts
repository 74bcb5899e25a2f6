import { array, number, object, string, ValidationError, type InferType } from 'yup';
import { PLAN_NEEDS, type PlanProblem } from '../../core/plan';
import { boundedNumber, moment, oneOfWords, plainText, yesNo } from './fields';
import { list } from './list';
import { saidSchema } from './said';
import { planWords } from '../../words/areas/plan';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily, type Word } from '../../words/lazily';

const SCHEMAS = lazily(formatsScreenWords.schemas);

const WORDS = lazily(planWords.request);

const MOST = { shifts: 200, irons: 50, pairs: 300, steps: 60, stepsInAll: 4000, idLength: 64 };
const LONGEST_MIN = 600;
const LONGEST_WAIT_MIN = 4320;

const id = () => plainText(WORDS.id, MOST.idLength).required(WORDS.idIsMissing);
const count = (name: Word) =>
  boundedNumber(name, { low: 0, high: 1000, unit: '' }).integer(
    SCHEMAS.numberOutOfRange(name, 0, 1000, ''),
  );

const technicianSchema = object({
  id: id(),
  from: moment(WORDS.from).required(WORDS.fromIsMissing),
  to: moment(WORDS.to)
    .required(WORDS.toIsMissing)
    .test('after', WORDS.shiftEndsFirst, function isAfter(to) {
      const { from } = this.parent as { from?: unknown };
      return typeof from !== 'string' || !(Date.parse(to) <= Date.parse(from));
    }),
  skills: array(plainText(WORDS.skill, MOST.idLength).defined()).typeError(WORDS.skills),
}).typeError(WORDS.technician);

const ironSchema = object({ id: id(), heavy: yesNo(WORDS.heavy) }).typeError(WORDS.iron);

const stepSchema = object({
  key: plainText(WORDS.key, MOST.idLength).required(WORDS.keyIsMissing),
  activeMin: boundedNumber(WORDS.active, { low: 0, high: LONGEST_MIN, unit: 'min' }).required(
    WORDS.activeIsMissing,
  ),
  waitMin: boundedNumber(WORDS.wait, { low: 0, high: LONGEST_WAIT_MIN, unit: 'min' }),
  needs: array(oneOfWords(WORDS.need, PLAN_NEEDS).defined())
    .typeError(WORDS.needs)
    .required(WORDS.needsMissing),
  ironC: boundedNumber(WORDS.ironC, { low: 40, high: 220, unit: '°C' }),
  skill: plainText(WORDS.skill, MOST.idLength),
  notBefore: moment(WORDS.notBefore),
}).typeError(WORDS.step);

const pairSchema = object({
  id: id(),
  priority: boundedNumber(WORDS.priority, { low: 0, high: 1000, unit: '' }),
  dueAt: moment(WORDS.due).required(WORDS.dueIsMissing),
  notBefore: moment(WORDS.notBefore),
  steps: list(stepSchema.required(WORDS.step))
    .typeError(WORDS.steps(MOST.steps))
    .required(WORDS.steps(MOST.steps))
    .min(1, WORDS.steps(MOST.steps))
    .max(MOST.steps, WORDS.steps(MOST.steps)),
}).typeError(WORDS.pair);

interface Asked {
  start?: string;
  technicians?: { id?: string; skills?: (string | undefined)[] }[];
  irons?: { id?: string }[];
  vices?: number;
  brushStands?: number;
  coolingPlaces?: number;
  pairs?: {
    id?: string;
    dueAt?: string;
    steps?: { needs?: string[]; skill?: string; waitMin?: number }[];
  }[];
}

/** Places of a list at which an id comes again. */
function repeated(things: readonly ({ id?: string } | undefined)[]): { at: number; id: string }[] {
  const seen = new Set<string>();
  return things.flatMap((thing, at) => {
    const known = thing?.id;
    if (typeof known !== 'string') return [];
    if (seen.has(known)) return [{ at, id: known }];
    seen.add(known);
    return [];
  });
}

/** What does not fit together, each at its field. */
function mismatches(asked: Asked): { field: string; message: string }[] {
  const { technicians = [], irons = [], pairs = [] } = asked;
  if (![technicians, irons, pairs].every(Array.isArray)) return [];
  const steps = pairs.flatMap((pair) => (Array.isArray(pair?.steps) ? pair.steps : []));
  const isNeeded = (need: string) =>
    steps.some((step) => Array.isArray(step?.needs) && step.needs.includes(need));
  const skills = new Set(technicians.flatMap((one) => one?.skills ?? []));
  const found: { field: string; message: string }[] = [];
  const say = (field: string, message: string) => found.push({ field, message });
  if (technicians.length === 0 && isNeeded('technician')) say('technicians', WORDS.nobody());
  if (irons.length === 0 && isNeeded('iron')) say('irons', WORDS.noIron());
  if (asked.vices === 0 && isNeeded('vice')) say('vices', WORDS.noVice());
  if (asked.brushStands === 0 && isNeeded('brush_stand')) say('brushStands', WORDS.noStand());
  if (asked.coolingPlaces === 0 && steps.some((step) => (step?.waitMin ?? 0) > 0)) {
    say('coolingPlaces', WORDS.noPlace());
  }
  for (const { at, id: twice } of repeated(pairs)) {
    say(`pairs[${at}].id`, WORDS.twice('pairs', twice)());
  }
  for (const { at, id: twice } of repeated(irons)) {
    say(`irons[${at}].id`, WORDS.twice('irons', twice)());
  }
  const startMs = Date.parse(asked.start ?? '');
  pairs.forEach((pair, p) => {
    if (Date.parse(pair?.dueAt ?? '') < startMs) say(`pairs[${p}].dueAt`, WORDS.dueBeforeStart());
    const own = Array.isArray(pair?.steps) ? pair.steps : [];
    own.forEach((step, s) => {
      const skill = step?.skill;
      if (typeof skill === 'string' && !skills.has(skill)) {
        say(`pairs[${p}].steps[${s}].skill`, WORDS.skillNobodyHas(skill)());
      }
    });
  });
  if (steps.length > MOST.stepsInAll) say('pairs', WORDS.tooManySteps(MOST.stepsInAll)());
  return found;
}

/** Body of POST /api/v1/plan. */
export const planRequestSchema = object({
  start: moment(WORDS.start).required(WORDS.startIsMissing),
  technicians: list(technicianSchema.required(WORDS.technician))
    .typeError(WORDS.technicians(MOST.shifts))
    .required(WORDS.nobody)
    .max(MOST.shifts, WORDS.technicians(MOST.shifts)),
  irons: list(ironSchema.required(WORDS.iron))
    .typeError(WORDS.irons(MOST.irons))
    .max(MOST.irons, WORDS.irons(MOST.irons)),
  vices: count(WORDS.vices),
  brushStands: count(WORDS.brushStands),
  coolingPlaces: count(WORDS.coolingPlaces),
  pairs: list(pairSchema.required(WORDS.pair))
    .typeError(WORDS.pairs(MOST.pairs))
    .required(WORDS.noPairs)
    .min(1, WORDS.noPairs)
    .max(MOST.pairs, WORDS.pairs(MOST.pairs)),
  seed: number()
    .typeError(SCHEMAS.numberOutOfRange(WORDS.seed, 0, 1e9, ''))
    .integer(SCHEMAS.numberOutOfRange(WORDS.seed, 0, 1e9, ''))
    .min(0, SCHEMAS.numberOutOfRange(WORDS.seed, 0, 1e9, ''))
    .max(1e9, SCHEMAS.numberOutOfRange(WORDS.seed, 0, 1e9, '')),
  secondsToSearch: boundedNumber(WORDS.seconds, { low: 0, high: 600, unit: 's' }),
})
  .typeError(WORDS.body)
  .test('fits', function fitsTogether(asked) {
    const found = mismatches(asked ?? {});
    if (found.length === 0) return true;
    return new ValidationError(
      found.map(({ field, message }) => this.createError({ path: field, message })),
    );
  });

type PlanRequest = InferType<typeof planRequestSchema>;

const msOf = (moment: string | undefined) =>
  moment === undefined ? undefined : Date.parse(moment);

/** The bench that a request asks about. */
export function planProblemFrom(request: PlanRequest): PlanProblem {
  const { start, technicians, irons, pairs, vices, brushStands, coolingPlaces } = request;
  return {
    startMs: Date.parse(start),
    technicians: technicians.map(({ id: name, from, to, skills }) => ({
      id: name,
      fromMs: Date.parse(from),
      toMs: Date.parse(to),
      ...(skills === undefined ? {} : { skills }),
    })),
    irons: (irons ?? []).map(({ id: name }) => ({ id: name })),
    vices,
    brushStands,
    coolingPlaces,
    pairs: pairs.map((pair) => ({
      id: pair.id,
      priority: pair.priority,
      dueMs: Date.parse(pair.dueAt),
      notBeforeMs: msOf(pair.notBefore),
      steps: pair.steps.map(({ notBefore, ...step }) => ({
        ...step,
        notBeforeMs: msOf(notBefore),
      })),
    })),
  };
}

const figure = () => number().required();
const text = () => string().required();

/** Answer of POST /api/v1/plan. */
export const planResponseSchema = object({
  tasks: array(
    object({
      pairId: text(),
      stepKey: text(),
      index: figure(),
      start: text(),
      end: text(),
      technicianId: string(),
      ironId: string(),
      viceId: string(),
    })
      .noUnknown()
      .required(),
  ).required(),
  lateness: array(object({ pairId: text(), minutes: figure() }).noUnknown().required()).required(),
  weightedLatenessMin: figure(),
  finish: text(),
  ironChanges: figure(),
  lowerBound: object({ weightedLatenessMin: figure(), finish: text() }).noUnknown().required(),
  gap: figure(),
  sureness: array(
    object({ pairId: text(), readyBy: string().nullable().defined(), inTime: figure() })
      .noUnknown()
      .required(),
  ).required(),
  /** Where slack should lie for the pair that is least sure; absent where all are sure. */
  slack: object({
    pairId: text(),
    inTime: figure(),
    before: object({ stepKey: text(), index: figure(), minutes: figure(), inTime: figure() })
      .noUnknown()
      .optional()
      .default(undefined),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  remedies: array(
    object({ weightedLatenessMin: figure(), left: figure(), change: saidSchema().required() })
      .noUnknown()
      .required(),
  ),
  infeasible: array(
    object({ pairId: text(), stepKey: text(), reason: saidSchema().required() })
      .noUnknown()
      .required(),
  ),
}).noUnknown();
