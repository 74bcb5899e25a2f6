import { array, boolean, number, object, string } from 'yup';
import { glideProductSchema } from './product';
import { outingFactsSchema } from './outing';
import { snowSchema } from './snow';

const MOST_PRODUCTS = 1000;

/** Body of POST /api/v1/pick. Products absent: the stored shelf. */
export const pickRequestSchema = object({
  snow: snowSchema.required('snow is missing.'),
  outing: outingFactsSchema.required('outing is missing.'),
  products: array(glideProductSchema.required('A product may not be null.'))
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
}).noUnknown();
