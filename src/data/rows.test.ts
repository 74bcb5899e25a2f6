import { describe, expect, it } from 'vitest';
import { someValue } from '../../tests/unit/some-value';
import * as model from '../core/model';
import { columnOf, type Field } from '../core/model';
import { entityOf, onlyOf, rowOf } from './rows';

const tables = Object.entries(model).filter(([name]) => name.endsWith('FIELDS')) as [
  string,
  Readonly<Record<string, Field>>,
][];

describe.each(tables)('%s', (_, fields) => {
  const stored = Object.entries(fields).filter(([, { column }]) => column !== 'none');
  const full = Object.fromEntries(stored.map(([key, field]) => [key, someValue(key, field)]));

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
