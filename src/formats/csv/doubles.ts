import type { RowProblem } from './typed-rows';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.csvDoubles;

const plain = (name: string) => name.trim().toLowerCase();

/** Rows whose name another row of the file has, or what is kept already: each a problem of its line. */
export function doubles(
  { rows, lines = [] }: { rows: readonly { name: string }[]; lines?: readonly number[] },
  kept: readonly string[],
): RowProblem[] {
  const isKept = new Set(kept.map(plain));
  const lineOf = new Map<string, number>();
  return rows.flatMap(({ name }, i): RowProblem[] => {
    const line = lines[i] ?? 0;
    const earlier = lineOf.get(plain(name));
    if (earlier !== undefined) {
      return [{ line, field: 'name', message: WORDS.nameTwice(name, earlier) }];
    }
    lineOf.set(plain(name), line);
    const message = WORDS.nameIsTaken(name);
    return isKept.has(plain(name)) ? [{ line, field: 'name', message }] : [];
  });
}
