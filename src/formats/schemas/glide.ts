import { array, boolean, number, object, string, type InferType } from 'yup';
import { GLIDE_MEASURES, type GlideHill, type GlideTest } from '../../core/glide';
import {
  GLIDE_RUN_FIELDS,
  GLIDE_TEST_FIELDS,
  type KeptGlideRun,
  type KeptGlideTest,
} from '../../core/model';
import { GRAINS, WETNESSES } from '../../core/terms';
import { glidedSnow } from '../../core/wax';
import { fieldsWords } from '../../words/areas/fields';
import { glideWords } from '../../words/areas/glide';
import { boundedNumber, oneOfWords, plainText, yesNo } from './fields';
import { schemaFrom, withRule } from './from-fields';
import { MOST } from './ids';
import { list } from './list';
import { lazily } from '../../words/lazily';

const WORDS = lazily(glideWords.request);
const { outingId, measure, tester, track, structure, reference } = GLIDE_TEST_FIELDS;

const LIMITS = { runs: 500, skis: 24, minute: 100_000 };

const runSchema = object({
  minute: boundedNumber(WORDS.minute, { low: 0, high: LIMITS.minute, unit: 'min' }).required(
    WORDS.minuteIsMissing,
  ),
  ski: plainText(WORDS.ski, MOST).trim().required(WORDS.skiIsMissing),
  seconds: boundedNumber(WORDS.seconds, { low: 0.1, high: 3600, unit: 's' }),
  metres: boundedNumber(WORDS.metres, { low: 0, high: 5000, unit: 'm' }),
  feel: boundedNumber(WORDS.feel, { low: 0, high: 10, unit: '' }),
})
  .typeError(WORDS.run)
  .test('measure', WORDS.measure, (run) => measuresOf(run).length === 1);

const measuresOf = (run: Partial<Record<(typeof GLIDE_MEASURES)[number], unknown>>) =>
  GLIDE_MEASURES.filter((measure) => run[measure] !== undefined);

/** What of a list is an object: the rest has its own problem. */
const objectsIn = (values: readonly unknown[]) =>
  values.filter((one): one is object => typeof one === 'object' && one !== null);

const hillSchema = object({
  dropM: boundedNumber(WORDS.dropM, { low: 0.1, high: 500, unit: 'm' })
    .required(WORDS.dropIsMissing)
    .test('below-length', WORDS.dropTooLarge, function isBelow(dropM) {
      const { lengthM } = this.parent as { lengthM?: unknown };
      return typeof lengthM !== 'number' || dropM < lengthM;
    }),
  lengthM: boundedNumber(WORDS.lengthM, { low: 1, high: 5000, unit: 'm' }).required(
    WORDS.lengthIsMissing,
  ),
  fromRest: yesNo(WORDS.fromRest),
}).typeError(WORDS.hill);

const snowSchema = object({
  temperatureC: boundedNumber(WORDS.temperatureC, { low: -60, high: 0, unit: '°C' }).required(
    WORDS.temperatureIsMissing,
  ),
  wetness: oneOfWords(WORDS.wetness, WETNESSES),
  waterPercent: boundedNumber(WORDS.waterPercent, { low: 0, high: 100, unit: '%' }),
  grain: oneOfWords(WORDS.grain, GRAINS),
  sharpness: boundedNumber(WORDS.sharpness, { low: 0, high: 1, unit: '' }),
}).typeError(WORDS.snow);

const typedTest = schemaFrom<
  Pick<KeptGlideTest, 'outingId' | 'measure' | 'tester' | 'track' | 'structure' | 'reference'>
>({ outingId, measure, tester, track, structure, reference }, fieldsWords.GLIDE_TEST).concat(
  object({
    skis: list(plainText(WORDS.ski, MOST).trim().required(WORDS.skiIsMissing))
      .typeError(WORDS.twoSkis)
      .required(WORDS.twoSkis)
      .min(2, WORDS.twoSkis)
      .max(LIMITS.skis, WORDS.tooManySkis(LIMITS.skis))
      .test('once', WORDS.skiTwice, (skis) => new Set(skis).size === skis.length),
    hill: hillSchema.default(undefined),
  }),
);

/** A test as a person sets it up. */
export const newTestSchema = withRule(typedTest, 'reference', ({ reference: named, skis }) =>
  typeof named === 'string' && Array.isArray(skis) && !skis.includes(named)
    ? WORDS.reference
    : undefined,
);

/** A run as it comes from the hill. */
export const newRunSchema = schemaFrom<Omit<KeptGlideRun, 'id' | 'removedAt'>>(
  GLIDE_RUN_FIELDS,
  fieldsWords.GLIDE_RUN,
);

/** Body of POST /api/v1/glide. */
export const glideRequestSchema = object({
  runs: list(runSchema.required(WORDS.run))
    .typeError(WORDS.runs(LIMITS.runs))
    .required(WORDS.noRuns)
    .min(1, WORDS.noRuns)
    .max(LIMITS.runs, WORDS.runs(LIMITS.runs))
    .test('one-measure', WORDS.oneMeasure, (runs) => {
      const kinds = objectsIn(runs).map((run) => measuresOf(run).join());
      return new Set(kinds).size <= 1;
    })
    .test('skis', WORDS.tooManySkis(LIMITS.skis), (runs) => {
      const names = objectsIn(runs).map((run) => (run as { ski?: unknown }).ski);
      return new Set(names).size <= LIMITS.skis;
    }),
  hill: hillSchema.default(undefined),
  snow: snowSchema.default(undefined),
}).typeError(WORDS.run);

/** The hill of a test: who says nothing lets go at the top. */
export const hillOf = (hill: InferType<typeof hillSchema>): GlideHill => ({
  ...hill,
  fromRest: hill.fromRest ?? true,
});

/** The test of a request, as the core takes it. */
export function glideTestFrom({
  runs,
  hill,
  snow,
}: InferType<typeof glideRequestSchema>): GlideTest {
  const [measure = 'seconds'] = measuresOf(runs[0]!);
  return {
    measure,
    runs: runs.map((run) => ({ minute: run.minute, ski: run.ski, value: run[measure]! })),
    ...(hill ? { hill: hillOf(hill) } : {}),
    ...(snow
      ? {
          snow: glidedSnow({
            ...snow,
            // Snow below freezing that nobody pressed is dry.
            wetness: snow.wetness ?? (snow.temperatureC < 0 ? 'dry' : 'moist'),
          }),
        }
      : {}),
  };
}

const ends = { low: number().required(), high: number().required() };
const between = {
  estimate: number().required(),
  low: number().required(),
  high: number().required(),
};

/** Answer of POST /api/v1/glide. */
export const glideResponseSchema = object({
  measure: string().oneOf(GLIDE_MEASURES).required(),
  driftPerMin: number().nullable().defined(),
  runSd: number().nullable().defined(),
  differences: array(
    object({
      a: string().required(),
      b: string().required(),
      ...between,
      always: object({ ...ends, frictionPercent: object(ends).default(undefined) }).default(
        undefined,
      ),
      frictionPercent: object(between).default(undefined),
      moreRuns: number(),
    }).noUnknown(),
  ).required(),
  ranking: array(
    object({
      ski: string().required(),
      strength: number().required(),
      low: number().required(),
      high: number().required(),
    }).noUnknown(),
  ).required(),
  outliers: array(
    object({ index: number().required(), reason: string().required() }).noUnknown(),
  ).required(),
  verdict: object({
    code: string().oneOf(['too_few', 'not_yet', 'faster', 'alike']).required(),
    message: string().required(),
    mayStop: boolean().required(),
  }).required(),
  modelVersion: string().defined(),
});
