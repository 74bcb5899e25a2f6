// npm run hours: the browser tests that know of times, at eight hours of a day in January, April and July and of both
// days on which clocks change. For the night: each time takes some minutes.
import { ensureBuilt } from './lib/build.mjs';
import { ensureInstalled, run } from './lib/install.mjs';

const DAYS = ['2027-01-13', '2027-03-28', '2027-04-14', '2027-07-14', '2027-10-31'];
const HOURS = ['00:50', '03:10', '05:40', '09:00', '12:05', '15:30', '18:20', '23:40'];
const SUITES = ['plan', 'timers', 'journey', 'outlook', 'quick'];

ensureInstalled();
await ensureBuilt();
const [wanted] = process.argv.slice(2);
const times = DAYS.flatMap((day) => HOURS.map((hour) => `${day}T${hour}:00Z`));
const files = SUITES.map((name) => `tests/browser/${name}.test.ts`);
const failed = times
  .filter((time) => wanted === undefined || time.startsWith(wanted))
  .filter((time) => {
    console.log(`\nAt ${time}`);
    const args = ['--no-install', 'vitest', 'run', '--project', 'browser', ...files];
    return run('npx', args, { FROST_PICK_NOW: time }) !== 0;
  });
console.log(failed.length === 0 ? 'Passed at each time.' : `Failed at ${failed.join(', ')}`);
process.exit(failed.length === 0 ? 0 : 1);
