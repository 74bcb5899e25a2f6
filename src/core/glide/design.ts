/**
 * The order of runs that keeps a steady drift of the track out of the comparison: back and forth (A B B A, A B C C B A),
 * as often as asked, each second round turned, so that the middles of all skis fall together. With a reference ski it
 * runs first and last of each round, and shows how the track changes.
 */
export function balancedOrder(
  skis: readonly string[],
  { rounds, reference }: { rounds: number; reference?: string },
): string[] {
  const others = skis.filter((ski) => ski !== reference);
  const there = [...others, ...[...others].reverse()];
  const back = [...[...others].reverse(), ...others];
  return Array.from({ length: rounds }, (_, k) => {
    const round = k % 2 === 0 ? there : back;
    return reference === undefined ? round : [reference, ...round, reference];
  }).flat();
}
