import { PRODUCT_FIELDS } from '../../core/model';
import { UNLABELLED_ROLES, type Application, type ProductRole } from '../../core/terms';
import { fallbacksOf } from '../schemas/from-fields';
import { shelfProductSchema, type ProductFields } from '../schemas/product';
import { doubles } from './doubles';
import { columnsFrom, requiredIn, tableFrom } from './from-fields';
import { writeCsv } from './table';
import { readTypedRows, type TypedRows } from './typed-rows';

export type { ProductFields } from '../schemas/product';

export const MOST_PRODUCTS = 1000;

/** What a product without a label is stored with. */
export const NO_LABEL = { labelLowC: -30, labelHighC: 10 };
const DEFAULTS = { ...fallbacksOf(PRODUCT_FIELDS), id: 'new' };
/** How each role usually goes on. */
const USUAL: Record<ProductRole, Application> = {
  base: 'iron',
  glide: 'iron',
  hardener: 'iron',
  top: 'roller',
  grip_stick: 'cork',
  klister: 'cork',
  binder: 'iron',
  cleaner: 'wipe',
  skin_care: 'wipe',
};

/** Fills what a role implies: the way it goes on, and a label where it needs none. */
export function withUsual(fields: Record<string, unknown>): Record<string, unknown> {
  const role = (fields.role ?? 'glide') as ProductRole;
  const usual = Object.hasOwn(USUAL, role) ? [USUAL[role]] : [];
  return {
    ...(UNLABELLED_ROLES.includes(role) ? NO_LABEL : {}),
    applications: usual,
    ...fields,
  };
}

/** Products from a CSV file, up to 1000; a name twice, in it or with the shelf, is a problem of its line. */
export function readProducts(text: string, onShelf: readonly string[]): TypedRows<ProductFields> {
  const kind = {
    columns: columnsFrom(PRODUCT_FIELDS),
    required: requiredIn(PRODUCT_FIELDS),
    defaults: DEFAULTS,
    schema: shelfProductSchema,
    mostRows: MOST_PRODUCTS,
    complete: withUsual,
  };
  const file = readTypedRows(text, kind, 'Etc/UTC');
  if (!file.ok) return file;
  const problems = doubles(file, onShelf);
  return problems.length > 0 ? { ok: false, problems } : file;
}

/** The shelf as CSV that {@link readProducts} takes back. */
export function writeProducts(products: readonly object[], hasHeader = true): string {
  const { header, rows } = tableFrom(PRODUCT_FIELDS, products);
  return writeCsv(header, rows, hasHeader);
}
