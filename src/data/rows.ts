import { columnOf, type Field, type RowOf } from '../core/model';

type Fields = Readonly<Record<string, Field>>;
type Values = Readonly<Record<string, unknown>>;

/** How a field's value lies in its column. */
function stored({ type }: Field, value: unknown): unknown {
  if (type === 'flag') return value === true ? 1 : 0;
  if (value === undefined || value === null) return null;
  if (type === 'instant') return new Date(Number(value)).toISOString();
  return type === 'choices' || type === 'json' ? JSON.stringify(value) : value;
}

/** What a column holds, as the field's value. */
function read({ type, fallback }: Field, value: unknown): unknown {
  if (type === 'flag') return value === 1;
  if (value === null) return fallback === null ? null : undefined;
  if (type === 'instant') return Date.parse(String(value));
  return type === 'choices' || type === 'json' ? (JSON.parse(String(value)) as unknown) : value;
}

interface Stored {
  key: string;
  column: string;
  field: Field;
}

/** The columns of a field table are the same for thousands of rows. */
const known = new WeakMap<Fields, readonly Stored[]>();

function inTable(fields: Fields): readonly Stored[] {
  const before = known.get(fields);
  if (before) return before;
  const all = Object.entries(fields)
    .filter(([, field]) => field.column !== 'none')
    .map(([key, field]) => ({ key, column: columnOf(key, field), field }));
  known.set(fields, all);
  return all;
}

/** The row of an entity by its field table. */
export const rowOf = <const F extends Fields>(fields: F, entity: object): RowOf<F> =>
  Object.fromEntries(
    inTable(fields).map(({ key, column, field }) => [
      column,
      stored(field, (entity as Values)[key]),
    ]),
  ) as RowOf<F>;

/** The entity of a row by its field table; what stands in other columns is left out. */
export function entityOf<Entity>(fields: Fields, row: object): Entity {
  // Filled one by one: thousands of rows are read for one screen.
  const entity: Record<string, unknown> = {};
  for (const { key, column, field } of inTable(fields)) {
    entity[key] = read(field, (row as Values)[column]);
  }
  return entity as Entity;
}

/** What of an entity a field table names and is there, for a column of JSON. */
export const onlyOf = (fields: Fields, entity: object): Values =>
  Object.fromEntries(
    Object.entries(entity).filter(([key, value]) => key in fields && value !== undefined),
  );
