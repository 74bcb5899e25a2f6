import { describe, expect, it } from 'vitest';
import * as model from '../core/model';
import { columnOf, type Field } from '../core/model';
import { entityOf, onlyOf, rowOf } from './rows';

const tables = Object.entries(model).filter(([name]) => name.endsWith('FIELDS')) as [
  string,
  Readonly<Record<string, Field>>,
][];

/** A value that a field can have, other than what an empty column would give. */
function valueOf(field: Field): unknown {
  switch (field.type) {
    case 'number':
      return field.range[1];
    case 'choice':
      return field.of.at(-1);
    case 'choices':
      return [...field.of];
    case 'flag':
      return true;
    case 'instant':
      return Date.UTC(2027, 0, 16, 7, 30);
    case 'json':
      return { kept: ['whole', 1.5] };
    default:
      return `some ${field.type}`;
  }
}

describe.each(tables)('%s', (_, fields) => {
  const stored = Object.entries(fields).filter(([, { column }]) => column !== 'none');
  const full = Object.fromEntries(stored.map(([key, field]) => [key, valueOf(field)]));

  it('gives back from its row all that was put in', () => {
    expect(entityOf(fields, rowOf(fields, full))).toEqual(full);
  });

  it('stores what is absent as nothing, and reads it as absent', () => {
    const row = rowOf(fields, {}) as Record<string, unknown>;
    for (const [key, field] of stored) {
      expect(row[columnOf(key, field)]).toBe(field.type === 'flag' ? 0 : null);
      const read = entityOf<Record<string, unknown>>(fields, row)[key];
      expect(read ?? undefined).toBe(field.type === 'flag' ? false : undefined);
    }
  });

  it('has a column of its own for each field', () => {
    const columns = stored.map(([key, field]) => columnOf(key, field));
    expect(new Set(columns).size).toBe(columns.length);
  });
});

it('details of an event are kept without what is absent or stands in a column', () => {
  const event = { kind: 'kilometres', km: 12, note: undefined, skiId: 's' };
  expect(onlyOf(model.SKI_EVENT_DETAIL_FIELDS, event)).toEqual({ km: 12 });
});
