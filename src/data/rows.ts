import { columnOf, type Field, type RowOf } from '../core/model';

type Fields = Readonly<Record<string, Field>>;
type Values = Readonly<Record<string, unknown>>;

/** How a field's value lies in its column. */
function stored({ type }: Field, value: unknown): unknown {
  if (type === 'flag') return value === true ? 1 : 0;
  if (value === undefined || value === null) return null;
  return type === 'choices' ? JSON.stringify(value) : value;
}

/** What a column holds, as the field's value. */
function read({ type, fallback }: Field, value: unknown): unknown {
  if (type === 'flag') return value === 1;
  if (value === null) return fallback === null ? null : undefined;
  return type === 'choices' ? (JSON.parse(String(value)) as unknown) : value;
}

const inTable = (fields: Fields) =>
  Object.entries(fields).filter(([, field]) => field.column !== 'none');

/** The row of an entity by its field table. */
export const rowOf = <const F extends Fields>(fields: F, entity: object): RowOf<F> =>
  Object.fromEntries(
    inTable(fields).map(([key, field]) => [
      columnOf(key, field),
      stored(field, (entity as Values)[key]),
    ]),
  ) as RowOf<F>;

/** The entity of a row by its field table; what stands in other columns is left out. */
export const entityOf = <Entity>(fields: Fields, row: object): Entity =>
  Object.fromEntries(
    inTable(fields).map(([key, field]) => [
      key,
      read(field, (row as Values)[columnOf(key, field)]),
    ]),
  ) as Entity;
