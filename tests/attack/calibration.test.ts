import { expect, it } from 'vitest';
import { coverage, type Readings } from '../unit/coverage';
import { note } from './measure';

const TRIALS = 500;

const CASES: Readings[] = [
  { count: 1 },
  { count: 6 },
  { count: 12 },
  { count: 1, elsewhere: 'ridge' },
  { count: 6, elsewhere: 'ridge' },
  { count: 12, elsewhere: 'ridge' },
];

it.each(CASES)('the 80 % band holds the truth 76–84 % of the time: %o', (readings) => {
  const held = coverage(readings, TRIALS);
  const where = readings.elsewhere ? 'at another spot that is off by ±0.8 K' : 'at the place';
  note(`80 % band after ${readings.count} readings ${where}`, `${(100 * held).toFixed(1)} %`);
  expect(held).toBeGreaterThan(0.76);
  expect(held).toBeLessThan(0.84);
});
