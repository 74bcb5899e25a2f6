import { bandQuantiles } from '../../statistics';
import type { Band } from './types';

const FRACTIONS = [0.1, 0.5, 1 - 0.1] as const;

/**
 * Weighted 10th, 50th and 90th percentiles of each row. `rows` is laid out time after time, member by
 * member; weights sum to 1. Between two members the value is interpolated at the middle of their weights.
 */
export function bandOf(rows: Float32Array, members: number, weights: Float64Array): Band {
  const times = rows.length / members;
  const band: Band = { p10: [], p50: [], p90: [] };
  const order = Uint16Array.from({ length: members }, (_, m) => m);
  for (let row = 0; row < times; row += 1) {
    const values = rows.subarray(row * members, (row + 1) * members);
    sortFurther(order, values);
    const [p10, p50, p90] = bandQuantiles(values, { weights, order, fractions: FRACTIONS });
    band.p10.push(p10!);
    band.p50.push(p50!);
    band.p90.push(p90!);
  }
  return band;
}

/**
 * Sorts by value, from the order of the row before: members keep their places from one time to the next
 * but for a few, so insertion has little to move.
 */
function sortFurther(order: Uint16Array, values: Float32Array): void {
  for (let i = 1; i < order.length; i += 1) {
    const member = order[i]!;
    const value = values[member]!;
    let k = i - 1;
    while (k >= 0 && values[order[k]!]! > value) {
      order[k + 1] = order[k]!;
      k -= 1;
    }
    order[k + 1] = member;
  }
}
