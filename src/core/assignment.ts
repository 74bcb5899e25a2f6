/**
 * Gives each row a column of its own at the least total cost, by shortest augmenting paths with potentials (Kuhn 1955,
 * in the form of Jonker & Volgenant 1987). `cost` is n × n, row by row; time grows with n³.
 */
export function leastAssignment(
  cost: Float64Array,
  n: number,
): { total: number; columnOf: Int32Array } {
  const rowPrice = new Float64Array(n + 1);
  const columnPrice = new Float64Array(n + 1);
  /** Row of each column; column 0 is where a path begins. */
  const rowOf = new Int32Array(n + 1);
  const from = new Int32Array(n + 1);
  for (let row = 1; row <= n; row += 1) {
    rowOf[0] = row;
    let column = 0;
    const reach = new Float64Array(n + 1).fill(Infinity);
    const done = new Uint8Array(n + 1);
    do {
      done[column] = 1;
      const at = rowOf[column]!;
      let step = Infinity;
      let next = 0;
      for (let k = 1; k <= n; k += 1) {
        if (done[k]) continue;
        const over = cost[(at - 1) * n + k - 1]! - rowPrice[at]! - columnPrice[k]!;
        if (over < reach[k]!) {
          reach[k] = over;
          from[k] = column;
        }
        if (reach[k]! < step) {
          step = reach[k]!;
          next = k;
        }
      }
      for (let k = 0; k <= n; k += 1) {
        if (done[k]) {
          rowPrice[rowOf[k]!] = rowPrice[rowOf[k]!]! + step;
          columnPrice[k] = columnPrice[k]! - step;
        } else {
          reach[k] = reach[k]! - step;
        }
      }
      column = next;
    } while (rowOf[column] !== 0);
    while (column !== 0) {
      rowOf[column] = rowOf[from[column]!]!;
      column = from[column]!;
    }
  }
  let total = 0;
  const columnOf = new Int32Array(n);
  for (let k = 1; k <= n; k += 1) {
    total += cost[(rowOf[k]! - 1) * n + k - 1]!;
    columnOf[rowOf[k]! - 1] = k - 1;
  }
  return { total, columnOf };
}
