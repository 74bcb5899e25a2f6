import type { DoneJob } from '@/core/model';
import { logScreenWords } from '@/words/screens/log';
import { span } from '@/words/times';
import { fixed } from '@/words/quantities';
import { termsWords } from '@/words/areas/terms';

const WORDS = logScreenWords.benchLog;

/** What was done in a job, and what was left out or cut short. */
export function jobSummary(job: DoneJob): string {
  const { grams, waitsEndedEarly: early, skipped, steps } = job;
  const tookMs = Date.parse(job.endedAt) - Date.parse(job.startedAt);
  return [
    WORDS.doneIn(span(tookMs)),
    WORDS.ofSteps(steps - skipped.length, steps),
    grams > 0 ? WORDS.gFromTheShelf(fixed(grams, 1)) : '',
    early > 0 ? WORDS.endedEarly(early, early === 1 ? WORDS.wait : WORDS.waits) : '',
    ...skipped.map(({ title, reason }) => WORDS.skipped(termsWords.inSentence(title), reason)),
  ]
    .filter(Boolean)
    .join(', ');
}
