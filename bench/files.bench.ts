import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { randomUUID } from 'node:crypto';
import { openDatabase } from '../src/data/database';
import { migrateStorage } from '../src/data/storage/migrate';
import { seedDemo } from '../src/data/demo/seed';
import { importReadings } from '../src/features/snow/use-cases/import-readings';
import { MOST_ROWS } from '../src/formats/csv/readings';
import { readCourseTrack } from '../src/formats/gpx/course';
import type { Write } from '../src/server/write';
import { report, times } from './measure';

const folder = mkdtempSync(path.join(tmpdir(), 'frost-bench-'));
const db = openDatabase(folder);
await migrateStorage(db, folder, new Date());
await seedDemo(db, new Date());
const row = (i: number) => {
  const time = new Date(Date.UTC(2027, 0, 1) + i * 300_000).toISOString();
  const temperature = (-3.5 - (i % 90) / 10).toFixed(1).replace('.', ',');
  return `${time.slice(0, 16).replace('T', ' ')};${temperature};${40 + (i % 55)};MM;machine made;dry;clean;no;by the lamps`;
};
const header = 'time;snow temperature [°C];humidity [%];grain;origin;wetness;dirt;glazed;note';
const text = [header, ...Array.from({ length: MOST_ROWS }, (_, i) => row(i))].join('\n');
const write: Write = (work) =>
  db.transaction().execute((transaction) =>
    work(transaction, {
      id: randomUUID(),
      newId: randomUUID,
      at: new Date().toISOString(),
      nowMs: Date.now(),
    }),
  );
report(
  'import of 10,000 readings, parsed, checked, stored',
  await times(() => importReadings(db, { outingId: 'demo-relay', text, write }), 5, 1),
  'aim: under 2 s',
);

const points = Array.from({ length: 18_500 }, (_, i) => {
  const altitude = i % 3 === 0 ? '' : `<ele>${(700 + 300 * Math.sin(i / 900)).toFixed(1)}</ele>`;
  return `<trkpt lat="${(46.5 + i * 1e-5).toFixed(6)}" lon="10.2">${altitude}</trkpt>`;
});
const track = `<gpx xmlns="http://www.topografix.com/GPX/1/1" version="1.1"><trk><trkseg>${points.join('\n')}</trkseg></trk></gpx>`;
report(
  `GPX of ${(track.length / 1e6).toFixed(2)} MB, a third of its points without altitude`,
  await times(() => readCourseTrack(track, 700), 5, 1),
  'aim: 1 MB under 1 s',
);
