import type { FrostDatabase } from '@/data/database';
import { listAnswers, listLearners } from '@/data/practice';
import { writeAnswers } from '@/formats/csv/practice';
import { asFile, onePage, type OutFile } from '@/formats/out-file';
import type { WireResult } from '@/formats/wire';

/** Everybody's answers with their names: CSV or JSON. */
export async function exportAnswers(
  db: FrostDatabase,
  format: string | null,
): Promise<WireResult<OutFile>> {
  const [learners, answers] = await Promise.all([listLearners(db), listAnswers(db)]);
  const names = new Map(learners.map(({ id, name }) => [id, name]));
  const lines = answers.flatMap((answer) => {
    const name = names.get(answer.learnerId);
    return name === undefined ? [] : [{ ...answer, name }];
  });
  return asFile('practice', { format, pages: onePage(lines), write: writeAnswers });
}
