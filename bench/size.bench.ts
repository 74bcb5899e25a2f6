import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { openDatabase } from '../src/data/database';
import { listDoneJobs } from '../src/data/jobs';
import { pageOfLog } from '../src/data/log-entries';
import { findOuting } from '../src/data/outings';
import { listTimers } from '../src/data/timers';
import { loadBench } from '../src/features/bench/use-cases/load-bench';
import { viewOf } from '../src/features/log/log-view';
import { loadLog } from '../src/features/log/use-cases/load-log';
import { loadPractice } from '../src/features/practice/use-cases/load-practice';
import { loadRack } from '../src/features/skis/use-cases/load-skis';
import { BIG, makeBigDatabase } from './big-database';
import { report, times } from './measure';

const RUNS = 15;
const LIMIT = 'part of a screen under 300 ms';
const folder = mkdtempSync(path.join(tmpdir(), 'frost-big-'));
await makeBigDatabase(folder);
const db = openDatabase(folder);
const outing = (await findOuting(db, 'demo-slalom'))!;
console.log(
  Object.entries(BIG)
    .map(([name, count]) => `${count} ${name}`)
    .join(', '),
);
const measured: [string, () => Promise<unknown>][] = [
  ['the rack with its care', () => loadRack(db, Date.now(), false)],
  ['the bench', () => loadBench(db, outing, Date.now())],
  ['a search of the log', () => pageOfLog(db, { words: 'note 77', page: 1, most: 20 })],
  ['a search that most entries match', () => pageOfLog(db, { words: 'dry', page: 1, most: 20 })],
  ['the log', () => loadLog(db, outing, { view: viewOf({}), nowMs: Date.now() })],
  ['jobs done', () => listDoneJobs(db, outing.id, 20)],
  ['timers', () => listTimers(db)],
  ['practice', () => loadPractice(db, 'demo-learner-ilo', Date.now())],
];
for (const [name, work] of measured) report(name, await times(work, RUNS), LIMIT);
