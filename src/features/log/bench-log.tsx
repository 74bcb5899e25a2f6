'use client';

import { Box, Text } from '@chakra-ui/react';
import type { DoneJob } from '@/data/jobs';
import type { Outing } from '@/data/outings';
import { dayAndTime, span } from '@/ui/format/times';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';

/** What was done on the bench for this outing, and what was left out or cut short. */
export function BenchLog({ outing, jobs }: { outing: Outing; jobs: readonly DoneJob[] }) {
  if (jobs.length === 0) return null;
  return (
    <Part title={`From the bench, for ${outing.name}`}>
      <Box as="ol" listStyleType="none" m="0" p="0" data-testid="bench-log">
        {jobs.map((job) => (
          <Box as="li" key={job.id} borderTopWidth="1px" borderColor="rule" py="2">
            <Text textStyle="strong">{job.title}</Text>
            <Text textStyle="small">{summary(job, outing.venue.timeZone)}</Text>
            <SheetLink href={`/outing/${outing.id}/bench?job=${job.id}`}>The sheet</SheetLink>
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
    `Done ${dayAndTime(job.endedAt, timeZone)} in ${span(tookMs)}`,
    `${steps - skipped.length} of ${steps} steps`,
    grams > 0 ? `${grams.toFixed(1)} g from the shelf` : '',
    early > 0 ? `${early} ${early === 1 ? 'wait' : 'waits'} ended early` : '',
    ...skipped.map(({ title, reason }) => `skipped ${title.toLowerCase()}: ${reason}`),
  ]
    .filter(Boolean)
    .join(', ');
}
