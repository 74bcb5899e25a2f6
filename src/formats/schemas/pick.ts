import { array, boolean, mixed, number, object, string } from 'yup';
import { WORLDS } from '../../core/choice';
import { BASE_STATES } from '../../core/terms';
import { MOST_MEMBERS } from '../../core/snow/outlook';
import { glideProductSchema } from './product';
import { outingFactsSchema } from './outing';
import { list } from './list';
import { boundedNumber, moment, oneOfWords } from './fields';
import { outlookRequestSchema } from './outlook';
import { snowSchema } from './snow';

const MOST_PRODUCTS = 1000;
const READINGS_ALONE = 'Readings pull an outlook: give an outlook with them.';

/** The weather about a start; the choice is made over its ensemble. */
const outlookForPickSchema = outlookRequestSchema.concat(
  object({
    startAt: moment('Start').required('Start is missing.'),
    hoursOnSnow: boundedNumber('Hours on snow', 0.1, 24, 'h'),
  }),
);

/** One equally possible snow of an ensemble of the caller's own. */
const memberSchema = object({
  temperatureC: boundedNumber('Snow temperature', -60, 0, '°C').required(
    'Snow temperature is missing.',
  ),
  humidityFraction: boundedNumber('Humidity', 0, 1, '').required('Humidity is missing.'),
  sharpness: boundedNumber('Sharpness', 0, 1, ''),
  liquidWaterPercent: boundedNumber('Liquid water', 0, 100, '%'),
  weight: boundedNumber('Weight', 0, 1e6, ''),
}).typeError('A member must be an object.');

/** Body of POST /api/v1/pick. Products absent: the stored shelf. */
export const pickRequestSchema = object({
  snow: snowSchema.default(undefined).test('given', 'snow is missing.', function isGiven(value) {
    const { outlook, members } = this.parent as { outlook?: unknown; members?: unknown };
    return value !== undefined || outlook !== undefined || members !== undefined;
  }),
  readings: mixed().test('with-outlook', READINGS_ALONE, (value) => value === undefined),
  outlook: outlookForPickSchema.default(undefined),
  members: list(memberSchema.required('A member may not be null.'))
    .typeError('members must be a list.')
    .min(1, 'Give at least one member, or leave members out.')
    .max(MOST_MEMBERS, `Up to ${MOST_MEMBERS} members.`),
  outing: outingFactsSchema.required('outing is missing.'),
  baseState: oneOfWords('State of the base', BASE_STATES),
  products: list(glideProductSchema.required('A product may not be null.'))
    .typeError('products must be a list.')
    .min(1, 'The shelf is empty: give at least one product, or leave products out.')
    .max(MOST_PRODUCTS, `Up to ${MOST_PRODUCTS} products.`)
    .test({
      name: 'unique-ids',
      test(products) {
        const seen = new Set<string>();
        for (const [index, product] of (products ?? []).entries()) {
          if (typeof product?.id !== 'string') continue;
          if (seen.has(product.id)) {
            return this.createError({
              path: `products[${index}].id`,
              message: `Two products have the id ${product.id}.`,
            });
          }
          seen.add(product.id);
        }
        return true;
      },
    }),
}).typeError('The body must be a JSON object.');

const requiredNumber = () => number().required();
const requiredText = () => string().defined();

/** Answer of POST /api/v1/pick. */
export const pickResponseSchema = object({
  equivalentTemperatureC: requiredNumber().meta({ unit: '°C' }),
  hardness: requiredNumber().min(0).max(100),
  lines: array(
    object({
      key: requiredText(),
      label: requiredText(),
      valueC: requiredNumber().meta({ unit: '°C' }),
      reason: requiredText(),
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
      probabilityBest: requiredNumber()
        .min(0)
        .max(1 + 1e-9),
      reasons: array(requiredText()).required(),
      excluded: boolean().required(),
    })
      .noUnknown()
      .required(),
  ).required(),
  additives: array(requiredText()).required(),
  structure: object({ widthMm: requiredNumber(), kind: requiredText() }).noUnknown().required(),
  cautions: array(requiredText()).required(),
  modelVersion: requiredText(),
  layers: array(
    object({
      place: requiredText(),
      id: requiredText(),
      name: requiredText(),
      form: requiredText(),
      coats: requiredNumber(),
      reason: requiredText(),
    })
      .noUnknown()
      .required(),
  ).required(),
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
