import { sql, type Kysely } from 'kysely';

/** Stations with their weather, the segments of a venue's course, the finger test and photos of readings. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.schema
    .createTable('station')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('altitude_m', 'real', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('venue_station')
    .addColumn('venue_id', 'text', (c) => c.notNull().references('venue.id'))
    .addColumn('station_id', 'text', (c) => c.notNull().references('station.id'))
    .addPrimaryKeyConstraint('venue_station_key', ['venue_id', 'station_id'])
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('weather')
    .addColumn('station_id', 'text', (c) => c.notNull().references('station.id'))
    .addColumn('time', 'text', (c) => c.notNull())
    .addColumn('air_temperature_c', 'real', (c) => c.notNull())
    .addColumn('humidity_fraction', 'real', (c) => c.notNull())
    .addColumn('wind_m_per_s', 'real', (c) => c.notNull())
    .addColumn('cloud_fraction', 'real', (c) => c.notNull())
    .addColumn('precipitation_mm', 'real')
    .addColumn('global_radiation_w_per_m2', 'real')
    .addColumn('source', 'text', (c) => c.notNull())
    .addColumn('taken_in_at', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('weather_key', ['station_id', 'time', 'taken_in_at'])
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema
    .createTable('segment')
    .addColumn('venue_id', 'text', (c) => c.notNull().references('venue.id'))
    .addColumn('position', 'integer', (c) => c.notNull())
    .addColumn('name', 'text', (c) => c.notNull())
    .addColumn('length_m', 'real', (c) => c.notNull())
    .addColumn('altitude_m', 'real', (c) => c.notNull())
    .addColumn('slope_deg', 'real', (c) => c.notNull())
    .addColumn('aspect_deg', 'real', (c) => c.notNull())
    .addColumn('shade_fraction', 'real', (c) => c.notNull())
    .addColumn('exposure', 'real', (c) => c.notNull())
    .addColumn('surface', 'text', (c) => c.notNull())
    .addPrimaryKeyConstraint('segment_key', ['venue_id', 'position'])
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema.alterTable('reading').addColumn('hand_hardness', 'text').execute();
  await db.schema
    .createTable('photo')
    .addColumn('id', 'text', (c) => c.primaryKey())
    .addColumn('reading_id', 'text', (c) => c.notNull().references('reading.id'))
    .addColumn('jpeg', 'blob', (c) => c.notNull())
    .addColumn('created_at', 'text', (c) => c.notNull())
    .modifyEnd(sql`strict`)
    .execute();
  await db.schema.createIndex('photo_by_reading').on('photo').column('reading_id').execute();
}
