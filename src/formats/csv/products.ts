import type { InferType } from 'yup';
import type { Application, ProductRole } from '../../core/terms';
import { shelfProductSchema, UNLABELLED_ROLES } from '../schemas/shelf';
import { numberCell, temperatureUnits, textCell, withoutUnit, wordCell, type Cell } from './cells';
import { writeCsv } from './table';
import { readTypedRows, type Column, type RowProblem, type TypedRows } from './typed-rows';

export type ProductFields = InferType<typeof shelfProductSchema>;

export const MOST_PRODUCTS = 1000;

/** Words parted by + or /. */
const wordsCell: Cell = (text, context) => {
  const words = text
    .split(/[+/|]/)
    .map((word) => wordCell(word, context))
    .filter((word) => word !== undefined && word !== 'none');
  return words.length > 0 ? words : undefined;
};
const plain = withoutUnit(numberCell());
const grams = { g: numberCell(), kg: numberCell((value) => value * 1000) };

const COLUMNS: Record<string, Column> = {
  name: { field: 'name', units: withoutUnit(textCell) },
  role: { field: 'role', units: withoutUnit(wordCell) },
  form: { field: 'form', units: withoutUnit(wordCell) },
  'label cold end': { field: 'labelLowC', units: temperatureUnits },
  'label warm end': { field: 'labelHighC', units: temperatureUnits },
  'old snow cold end': { field: 'label2LowC', units: temperatureUnits },
  'old snow warm end': { field: 'label2HighC', units: temperatureUnits },
  additives: { field: 'additives', units: withoutUnit(wordsCell) },
  'put on by': { field: 'applications', units: withoutUnit(wordsCell) },
  preference: { field: 'preference', units: withoutUnit(wordCell) },
  iron: { field: 'ironC', units: temperatureUnits },
  'iron limit': { field: 'ironLimitC', units: temperatureUnits },
  'melting point': { field: 'meltingC', units: temperatureUnits },
  container: { field: 'containerG', units: grams },
  price: { field: 'price', units: plain },
  opened: { field: 'openedOn', units: withoutUnit(textCell) },
  colour: { field: 'swatch', units: withoutUnit(textCell) },
};

const REQUIRED = ['name', 'label cold end', 'label warm end'];
/** What a product without a label is stored with. */
export const NO_LABEL = { labelLowC: -30, labelHighC: 10 };
const DEFAULTS = { role: 'glide', form: 'block', additives: [], swatch: null, id: 'new' };
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
    columns: COLUMNS,
    required: REQUIRED,
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
export function writeProducts(
  products: readonly { [K in keyof ProductFields]?: unknown }[],
  hasHeader = true,
): string {
  const degrees = [
    'label cold end',
    'label warm end',
    'old snow cold end',
    'old snow warm end',
    'iron',
    'iron limit',
    'melting point',
  ];
  const header = Object.keys(COLUMNS).map((name) =>
    degrees.includes(name) ? `${name} [°C]` : name === 'container' ? `${name} [g]` : name,
  );
  return writeCsv(
    header,
    products.map((product) =>
      Object.values(COLUMNS).map(({ field }) => {
        const value = product[field as keyof ProductFields];
        return Array.isArray(value) ? value.join('+') : (value ?? '');
      }),
    ),
    hasHeader,
  );
}
