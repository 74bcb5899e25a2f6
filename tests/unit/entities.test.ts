import { sql } from 'kysely';
import { describe, expect, it } from 'vitest';
import {
  CHOICE_FIELDS,
  columnOf,
  DEVICE_FIELDS,
  DISPUTE_FIELDS,
  DRILL_ANSWER_FIELDS,
  LEARNER_FIELDS,
  FINDING_FIELDS,
  JOB_FIELDS,
  GRIP_TEST_FIELDS,
  NOTE_FIELDS,
  OUTCOME_FIELDS,
  OUTING_FIELDS,
  PLAN_FIELDS,
  PRODUCT_FIELDS,
  READING_FIELDS,
  SEGMENT_FIELDS,
  SKI_EVENT_FIELDS,
  SKI_FIELDS,
  SKIER_FIELDS,
  STARTER_FIELDS,
  STATION_FIELDS,
  STEP_RECORD_FIELDS,
  STOCK_MOVE_FIELDS,
  VENUE_FIELDS,
  WEATHER_FIELDS,
  type Field,
  type FieldsOf,
  type Reading,
} from '@/core/model';
import { readProducts, writeProducts } from '@/formats/csv/products';
import { readReadings, writeReadings } from '@/formats/csv/readings';
import { readSkis, writeSkis } from '@/formats/csv/skis';
import { shelfProductSchema } from '@/formats/schemas/product';
import { readingSchema } from '@/formats/schemas/reading';
import { segmentSchema, stationSchema } from '@/formats/schemas/course';
import { outingSchema } from '@/formats/schemas/outing';
import { findingSchema, skiEventSchema, skiSchema } from '@/formats/schemas/ski';
import { skierSchema, starterSchema } from '@/formats/schemas/starter';
import { validate } from '@/formats/schemas/validation';
import { someValue } from './some-value';
import { temporaryDatabase } from './temporary-database';

type Fields = Readonly<Record<string, Field>>;

const filled = (fields: Fields, wanted: (field: Field) => boolean = () => true) =>
  Object.fromEntries(
    Object.entries(fields)
      .filter(([, field]) => wanted(field))
      .map(([key, field]) => [key, someValue(key, field)]),
  );

const TABLES: Record<string, Fields> = {
  reading: READING_FIELDS,
  product: PRODUCT_FIELDS,
  ski: SKI_FIELDS,
  venue: VENUE_FIELDS,
  segment: SEGMENT_FIELDS,
  stock_move: STOCK_MOVE_FIELDS,
  outing: OUTING_FIELDS,
  outcome: OUTCOME_FIELDS,
  note: NOTE_FIELDS,
  grip_test: GRIP_TEST_FIELDS,
  device: DEVICE_FIELDS,
  learner: LEARNER_FIELDS,
  drill_answer: DRILL_ANSWER_FIELDS,
  dispute: DISPUTE_FIELDS,
  station: STATION_FIELDS,
  weather: WEATHER_FIELDS,
  ski_event: SKI_EVENT_FIELDS,
  finding: FINDING_FIELDS,
  choice: CHOICE_FIELDS,
  job: JOB_FIELDS,
  job_step: STEP_RECORD_FIELDS,
  skier: SKIER_FIELDS,
  starter: STARTER_FIELDS,
  bench_plan: PLAN_FIELDS,
};

describe('an entity is declared once', () => {
  it('and a field without its place in the table does not compile', () => {
    // @ts-expect-error the observer has no field
    const withObserver: FieldsOf<Reading & { observer: string }> = READING_FIELDS;
    expect(withObserver).toBe(READING_FIELDS);
  });

  it.each(Object.entries(TABLES))('%s: every field has its column', async (table, fields) => {
    const db = await temporaryDatabase();
    const info = await sql<{ name: string }>`select name from pragma_table_info(${table})`.execute(
      db,
    );
    const columns = info.rows.map((row) => row.name);
    for (const [key, field] of Object.entries(fields)) {
      if (field.column !== 'none') expect(columns).toContain(columnOf(key, field));
    }
  });

  it('the schemas take every field that a person hands in, and refuse it out of its bounds', () => {
    for (const [fields, schema] of [
      [{ ...READING_FIELDS, sharpness: { type: 'flag', isInternal: true } }, readingSchema],
      [PRODUCT_FIELDS, shelfProductSchema],
      [SKI_FIELDS, skiSchema],
      [OUTING_FIELDS, outingSchema],
      [SEGMENT_FIELDS, segmentSchema],
      [STATION_FIELDS, stationSchema],
      [FINDING_FIELDS, findingSchema],
      [SKI_EVENT_FIELDS, skiEventSchema],
      [SKIER_FIELDS, skierSchema],
      [STARTER_FIELDS, starterSchema],
    ] as [Fields, typeof skiSchema][]) {
      const given = filled(fields, (field) => !field.isInternal);
      expect(validate(schema, given)).toMatchObject({ ok: true });
      for (const [key, field] of Object.entries(fields)) {
        if (field.type !== 'number' || field.isInternal) continue;
        const wrong = validate(schema, { ...given, [key]: field.range[1] + 1 });
        expect(!wrong.ok && wrong.problems.map((one) => one.field)).toContain(key);
      }
    }
  });

  it('the files hand back every field they have a column for', () => {
    const inFile = (field: Field) => field.csv !== undefined;
    const reading = { ...filled(READING_FIELDS, inFile), sharpness: 0.3 } as never;
    expect(readReadings(writeReadings([reading]), 'CET')).toMatchObject({ rows: [reading] });
    const product = filled(PRODUCT_FIELDS, inFile);
    expect(readProducts(writeProducts([product]), [])).toMatchObject({ rows: [product] });
    const ski = filled(SKI_FIELDS, inFile) as never;
    expect(readSkis(writeSkis([ski]), [])).toMatchObject({ rows: [ski] });
  });
});
