import { array, boolean, mixed, number, object, string } from 'yup';
import { WORLDS } from '../../core/choice';
import { BASE_STATES } from '../../core/terms';
import { MOST_MEMBERS } from '../../core/snow/outlook';
import { glideProductSchema } from './product';
import { outingFactsSchema } from './outing';
import { list } from './list';
import { boundedNumber, moment, oneOfWords } from './fields';
import { outlookRequestSchema } from './outlook';
import { saidFields, saidSchema } from './said';
import { snowSchema } from './snow';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

const MOST_PRODUCTS = 1000;
const READINGS_ALONE = WORDS.readingsNeedOutlook;

/** The weather about a start; the choice is made over its ensemble. */
const outlookForPickSchema = outlookRequestSchema.concat(
  object({
    startAt: moment(WORDS.start).required(WORDS.startIsMissing),
    hoursOnSnow: boundedNumber(WORDS.hoursOnSnow, { low: 0.1, high: 24, unit: 'h' }),
  }),
);

/** One equally possible snow of an ensemble of the caller's own. */
const memberSchema = object({
  temperatureC: boundedNumber(WORDS.snowTemperature, { low: -60, high: 0, unit: '°C' }).required(
    WORDS.snowTemperatureIsMissing,
  ),
  humidityFraction: boundedNumber(WORDS.humidity, { low: 0, high: 1, unit: '' }).required(
    WORDS.humidityIsMissing,
  ),
  sharpness: boundedNumber(WORDS.sharpness, { low: 0, high: 1, unit: '' }),
  liquidWaterPercent: boundedNumber(WORDS.liquidWater, { low: 0, high: 100, unit: '%' }),
  weight: boundedNumber(WORDS.weight, { low: 0, high: 1e6, unit: '' }),
}).typeError(WORDS.memberNotObject);

/** Body of POST /api/v1/pick. Products absent: the stored shelf. */
export const pickRequestSchema = object({
  snow: snowSchema.default(undefined).test('given', WORDS.snowIsMissing, function isGiven(value) {
    const { outlook, members } = this.parent as { outlook?: unknown; members?: unknown };
    return value !== undefined || outlook !== undefined || members !== undefined;
  }),
  readings: mixed().test('with-outlook', READINGS_ALONE, (value) => value === undefined),
  outlook: outlookForPickSchema.default(undefined),
  members: list(memberSchema.required(WORDS.memberNull))
    .typeError(WORDS.membersNotList)
    .min(1, WORDS.noMember)
    .max(MOST_MEMBERS, WORDS.upToMembers(MOST_MEMBERS)),
  outing: outingFactsSchema.required(WORDS.outingIsMissing),
  baseState: oneOfWords(WORDS.stateOfTheBase, BASE_STATES),
  products: list(glideProductSchema.required(WORDS.productNull))
    .typeError(WORDS.productsNotList)
    .min(1, WORDS.shelfEmpty)
    .max(MOST_PRODUCTS, WORDS.upToProducts(MOST_PRODUCTS))
    .test({
      name: 'unique-ids',
      test(products) {
        const seen = new Set<string>();
        for (const [index, product] of (products ?? []).entries()) {
          if (typeof product?.id !== 'string') continue;
          if (seen.has(product.id)) {
            return this.createError({
              path: `products[${index}].id`,
              message: WORDS.productIdTwice(product.id),
            });
          }
          seen.add(product.id);
        }
        return true;
      },
    }),
}).typeError(WORDS.bodyNotObject);

const requiredNumber = () => number().required();
const requiredText = () => string().defined();

/** Answer of POST /api/v1/pick. */
export const pickResponseSchema = object({
  equivalentTemperatureC: requiredNumber().meta({ unit: '°C' }),
  equivalentSdC: requiredNumber().meta({ unit: '°C' }),
  /** Of the weather or the reading, and of the ledger itself. */
  spread: object({
    snowC: requiredNumber().meta({ unit: '°C' }),
    modelC: requiredNumber().meta({ unit: '°C' }),
  })
    .noUnknown()
    .required(),
  hardness: requiredNumber().min(0).max(100),
  lines: array(
    object({
      key: requiredText(),
      label: requiredText(),
      valueC: requiredNumber().meta({ unit: '°C' }),
      reason: requiredText(),
      ...saidFields(),
    })
      .noUnknown()
      .required(),
  ).required(),
  ranking: array(
    object({
      id: requiredText(),
      name: requiredText(),
      expectedLossPercent: requiredNumber(),
      lossP90Percent: requiredNumber(),
      expectedLossSeconds: requiredNumber().meta({ unit: 's' }),
      lossP90Seconds: requiredNumber().meta({ unit: 's' }),
      probabilityBest: requiredNumber()
        .min(0)
        .max(1 + 1e-9),
      reasons: array(requiredText()).required(),
      findings: array(saidSchema().required()).required(),
      excluded: boolean().required(),
    })
      .noUnknown()
      .required(),
  ).required(),
  additives: array(requiredText()).required(),
  structure: object({
    widthMm: requiredNumber(),
    kind: requiredText(),
    reason: requiredText(),
    ...saidFields(),
  })
    .noUnknown()
    .required(),
  cautions: array(requiredText()).required(),
  /** Of the additives and the cautions. */
  findings: array(saidSchema().required()).required(),
  modelVersion: requiredText(),
  layers: array(
    object({
      place: requiredText(),
      id: requiredText(),
      name: requiredText(),
      form: requiredText(),
      coats: requiredNumber(),
      reason: requiredText(),
      ...saidFields(),
    })
      .noUnknown()
      .required(),
  ).required(),
  /** What the day asks for and the shelf does not have. */
  missing: array(saidSchema().required()).required(),
  regret: array(
    object({
      id: requiredText(),
      name: requiredText(),
      regretPercent: object(
        Object.fromEntries(WORLDS.map((world) => [world, requiredNumber()])),
      ).required(),
    })
      .noUnknown()
      .required(),
  ).required(),
  regretPercent: requiredNumber(),
  alternatives: array(
    object({
      id: requiredText(),
      name: requiredText(),
      expectedLossPercent: requiredNumber(),
      extraLossPercent: requiredNumber(),
    })
      .noUnknown()
      .required(),
  ).required(),
  blend: object({
    hardId: requiredText(),
    softId: requiredText(),
    hardParts: requiredNumber(),
    softParts: requiredNumber(),
    expectedLossPercent: requiredNumber(),
  })
    .noUnknown()
    .nullable()
    .defined(),
  window: array(
    object({ time: requiredText(), id: requiredText(), lossPercent: requiredNumber() })
      .noUnknown()
      .required(),
  ).required(),
  oneForAllCostPercent: requiredNumber(),
}).noUnknown();
