/** Lets other requests be served in the middle of long work. */
export const nextTurn = () => new Promise<void>((resolve) => setImmediate(resolve));

/** Rows written one by one between two pauses. */
const A_TURN = 100;

/** Does something for each row in order, with pauses. */
export async function eachInTurns<T>(
  rows: readonly T[],
  work: (row: T) => Promise<void>,
): Promise<void> {
  for (const [index, row] of rows.entries()) {
    if (index > 0 && index % A_TURN === 0) await nextTurn();
    await work(row);
  }
}
