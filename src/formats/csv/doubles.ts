import type { RowProblem } from './typed-rows';
import { words } from '../../words';

const WORDS = words.screens.formats.csvDoubles;

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Rows whose name another row of the file has, or what is kept already: each a problem of its line. */
export function doubles(
  { rows, lines = [] }: { rows: readonly { name: string }[]; lines?: readonly number[] },
  kept: readonly string[],
): RowProblem[] {
  return rows.flatMap(({ name }, i): RowProblem[] => {
    const problem = (message: string) => [{ line: lines[i] ?? 0, field: 'name', message }];
    const earlier = rows.findIndex((one) => sameName(one.name, name));
    if (earlier < i) return problem(WORDS.nameIsInLine(name, lines[earlier] ?? 0));
    return kept.some((one) => sameName(one, name)) ? problem(WORDS.nameIsTaken(name)) : [];
  });
}
