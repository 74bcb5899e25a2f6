'use client';

import type { DoneJob, Outing } from '@/core/model';
import { Box, Text } from '@chakra-ui/react';
import { dayAndTime, span } from '@/words/times';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { logScreenWords } from '@/words/screens/log';

const WORDS = logScreenWords.benchLog;

/** What was done on the bench for this outing, and what was left out or cut short. */
export function BenchLog({ outing, jobs }: { outing: Outing; jobs: readonly DoneJob[] }) {
  if (jobs.length === 0) return null;
  return (
    <Part title={WORDS.fromTheBenchFor(outing.name)}>
      <Box as="ol" listStyleType="none" m="0" p="0" data-testid="bench-log">
        {jobs.map((job) => (
          <Box as="li" key={job.id} borderTopWidth="1px" borderColor="rule" py="2">
            <Text textStyle="strong">{job.title}</Text>
            <Text textStyle="small">{summary(job, outing.venue.timeZone)}</Text>
            <SheetLink href={`/outing/${outing.id}/bench?job=${job.id}`}>
              {WORDS.theSheet}
            </SheetLink>
          </Box>
        ))}
      </Box>
    </Part>
  );
}

function summary(job: DoneJob, timeZone: string): string {
  const { grams, waitsEndedEarly: early, skipped, steps } = job;
  const tookMs = Date.parse(job.endedAt) - Date.parse(job.startedAt);
  return [
    WORDS.doneIn(dayAndTime(job.endedAt, timeZone), span(tookMs)),
    WORDS.ofSteps(steps - skipped.length, steps),
    grams > 0 ? WORDS.gFromTheShelf(grams.toFixed(1)) : '',
    early > 0 ? WORDS.endedEarly(early, early === 1 ? WORDS.wait : WORDS.waits) : '',
    ...skipped.map(({ title, reason }) => WORDS.skipped(title.toLowerCase(), reason)),
  ]
    .filter(Boolean)
    .join(', ');
}
