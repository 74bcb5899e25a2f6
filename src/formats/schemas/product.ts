import { PRODUCT_FIELDS, type ShelfProduct } from '../../core/model';
import type { GlideProduct } from '../../core/wax';
import { list } from './list';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { schemaFrom, withRule } from './from-fields';
import { lazily, type Word } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

interface Ends {
  labelLowC?: unknown;
  labelHighC?: unknown;
}

/** Why the ends of a label cannot be; undefined where they can. */
function labelProblem({ labelLowC: low, labelHighC: high }: Ends): Word | undefined {
  if (typeof high !== 'number' || typeof low !== 'number' || high > low) return undefined;
  return high === low ? WORDS.labelWithoutRange : WORDS.labelSwappedWrite(high, low);
}

function oldSnowProblem(product: { label2LowC?: unknown; label2HighC?: unknown }) {
  const { label2LowC: low, label2HighC: high } = product;
  if ((high === undefined) !== (low === undefined)) return WORDS.oldEndsHalf;
  if (typeof high !== 'number' || typeof low !== 'number' || high > low) return undefined;
  return WORDS.oldEndsSwapped(high, low);
}

function limitProblem({ ironC, ironLimitC }: { ironC?: unknown; ironLimitC?: unknown }) {
  const isBelow = typeof ironC === 'number' && typeof ironLimitC === 'number' && ironLimitC < ironC;
  return isBelow ? WORDS.limitBelowIron : undefined;
}

const { id, name, labelLowC, labelHighC, additives, form } = PRODUCT_FIELDS;

/** A glide wax with its label; see GlideProduct in the core. */
export const glideProductSchema = withRule(
  schemaFrom<GlideProduct>(
    { id, name, labelLowC, labelHighC, additives, form },
    fieldsWords.PRODUCT,
  ),
  'labelHighC',
  labelProblem,
).typeError(WORDS.productNotObject);

export type ProductFields = Omit<ShelfProduct, 'version'>;

/** A product of any role, as the shelf's form, its CSV and the actions take it. */
export const shelfProductSchema = withRule(
  withRule(
    withRule(
      schemaFrom<ProductFields>(PRODUCT_FIELDS, fieldsWords.PRODUCT),
      'labelHighC',
      labelProblem,
    ),
    'label2HighC',
    oldSnowProblem,
  ),
  'ironLimitC',
  limitProblem,
).typeError(WORDS.productNotObject);

/** Several products at once. */
export const shelfProductsSchema = list(shelfProductSchema.required(WORDS.productNull))
  .typeError(WORDS.productsNotList)
  .required(WORDS.productsNotList)
  .max(200, WORDS.tooManyProducts);
