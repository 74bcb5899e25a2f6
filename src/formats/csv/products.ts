import { PRODUCT_FIELDS } from '../../core/model';
import type { Application, ProductRole } from '../../core/terms';
import { fallbacksOf } from '../schemas/from-fields';
import { shelfProductSchema, UNLABELLED_ROLES, type ProductFields } from '../schemas/product';
import { columnsFrom, requiredIn, tableFrom } from './from-fields';
import { writeCsv } from './table';
import { readTypedRows, type RowProblem, type TypedRows } from './typed-rows';

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

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Rows that say the same name twice, in the file or with what is on the shelf. */
function doubles(
  rows: readonly ProductFields[],
  lines: readonly number[],
  onShelf: readonly string[],
): RowProblem[] {
  return rows.flatMap((row, i): RowProblem[] => {
    const line = lines[i] ?? 0;
    const earlier = rows.findIndex((one) => sameName(one.name, row.name));
    if (earlier < i) {
      const message = `“${row.name}” stands in line ${lines[earlier] ?? 0} already.`;
      return [{ line, field: 'name', message }];
    }
    return onShelf.some((name) => sameName(name, row.name))
      ? [{ line, field: 'name', message: `“${row.name}” is on the shelf already.` }]
      : [];
  });
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
  const problems = doubles(file.rows, file.lines ?? [], onShelf);
  return problems.length > 0 ? { ok: false, problems } : file;
}

/** The shelf as CSV that {@link readProducts} takes back. */
export function writeProducts(products: readonly object[], hasHeader = true): string {
  const { header, rows } = tableFrom(PRODUCT_FIELDS, products);
  return writeCsv(header, rows, hasHeader);
}
