import { beforeAll, describe, expect, it } from 'vitest';
import { BOOK_NAMES, columnsOf, type BookName, type BookRecord } from '@/core/book';
import { openBook } from '@/data/book/read-book';
import { seedDemo } from '@/data/demo/seed';
import { migrated, temporaryFolder } from '../../../tests/unit/temporary-database';
import { recordCheck } from './check';

const records = new Map<BookName, BookRecord[]>();
beforeAll(async () => {
  const folder = temporaryFolder();
  const db = await migrated(folder);
  await seedDemo(db, new Date('2027-01-13T12:00:00Z'));
  const book = openBook(folder);
  for await (const { name, records: page } of book.records()) {
    records.set(name, [...(records.get(name) ?? []), ...page]);
  }
  book.close();
});

describe('a record of another book', () => {
  it('is taken as the app itself wrote it, of every kind that the demo has', () => {
    const kinds = BOOK_NAMES.filter((name) => (records.get(name) ?? []).length > 0);
    expect(kinds.length).toBeGreaterThan(15);
    for (const name of kinds) {
      const problemsOf = recordCheck(name);
      for (const record of records.get(name)!) expect(problemsOf(record, name)).toEqual([]);
    }
  });

  it('is refused without a column that it needs, at that column', () => {
    for (const name of BOOK_NAMES) {
      const [record] = records.get(name) ?? [];
      if (!record) continue;
      const problemsOf = recordCheck(name);
      for (const [column, { isRequired }] of Object.entries(columnsOf(name))) {
        if (!isRequired) continue;
        const fields = problemsOf({ ...record, [column]: null }, name).map((one) => one.field);
        expect(fields, `${name} without ${column}`).toContain(`${name}.${column}`);
      }
    }
  });

  it('is refused with a value of another type, with markup, or with what no column is', () => {
    const problemsOf = recordCheck('ski');
    const [ski] = records.get('ski')!;
    for (const change of [
      { length_cm: '190' },
      { length_cm: Infinity },
      { name: '<b>Fast</b>' },
      { name: { toString: 'x' } },
      { has_brakes: 2 },
      { removed_at: 'yesterday' },
      { ground_on: '2027-02-31' },
      { hacked: 1 },
    ]) {
      expect(problemsOf({ ...ski, ...change }, 'ski'), JSON.stringify(change)).not.toEqual([]);
    }
    for (const record of [null, 5, 'ski', [], undefined]) {
      expect(problemsOf(record, 'ski')).not.toEqual([]);
    }
  });

  it('is refused where its JSON is not what is written there', () => {
    const [course] = records.get('course')!;
    const courseOf = recordCheck('course');
    expect(courseOf({ ...course, segments: {} }, 'course')).toMatchObject([
      { field: 'course.segments' },
    ]);
    const bent = {
      ...course,
      segments: [{ ...(course!.segments as object[])[0], slope_deg: 400 }],
    };
    expect(courseOf(bent, 'course')).toMatchObject([{ field: 'course.segments[0].slope_deg' }]);
    const setting = recordCheck('team_setting');
    expect(setting({ key: 'ventilated', value: 'yes' }, 's')).toHaveLength(1);
    expect(setting({ key: 'unheard', value: true }, 's')).toHaveLength(1);
    expect(setting({ key: 'ventilated', value: false }, 's')).toEqual([]);
  });
});
