/** Rows by the ski they belong to, in their order. */
export function bySki<T extends { skiId: string }>(rows: readonly T[]): Map<string, T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows) {
    const group = groups.get(row.skiId);
    if (group) group.push(row);
    else groups.set(row.skiId, [row]);
  }
  return groups;
}
