'use client';

import { useState } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { leftOf } from '@/core/bench';
import type { Outing } from '@/data/outings';
import { ActionButton } from '@/ui/fields/action-button';
import { useServerClock } from '@/ui/format/server-clock';
import { countdown, dayAndTime } from '@/ui/format/times';
import { SKI_TYPE_WORDS } from '@/ui/format/words';
import { DataTable } from '@/ui/frame/data-table';
import { useShownRows } from '@/ui/frame/shown-rows';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import type { BenchView } from './use-cases/load-bench';

interface BenchScreenProps {
  outing: Outing;
  view: BenchView;
  serverNowMs: number;
}

/** The Bench: what is under way, and which ski to take next. */
export function BenchScreen({ outing, view, serverNowMs }: BenchScreenProps) {
  const now = useServerClock(serverNowMs);
  const { open, skis, done } = view;
  const path = `/outing/${outing.id}`;
  const free = skis.filter((one) => one.isFor && !one.jobId);
  const { shown, more } = useShownRows(free);
  const waits = open.filter((job) => job.wait).length;
  return (
    <Sheet
      question="What is on the bench?"
      answer={
        <Text textStyle="hero" data-testid="bench-answer">
          {open.length === 0
            ? 'Nothing yet'
            : open.length === waits
              ? `${waits === 1 ? 'One waits' : `${waits} wait`}, hands are free`
              : `${open.length - waits} in hand, ${waits} waiting`}
        </Text>
      }
    >
      {open.length > 0 && (
        <Part title="Under way">
          {open.map((job) => {
            const left = job.wait && leftOf(job.wait, now);
            return (
              <Box key={job.id} borderTopWidth="1px" borderColor="rule" py="2">
                <SheetLink href={`${path}/bench?job=${job.id}`}>{job.title}</SheetLink>
                <Text textStyle="small">
                  Step {job.position + 1} of {job.steps}: {job.current?.toLowerCase()}
                  {left === undefined ? '' : left > 0 ? `, ${countdown(left)} left` : ', over'}
                </Text>
              </Box>
            );
          })}
          <TellMe />
        </Part>
      )}
      <Part
        title={`Skis for ${outing.name}`}
        aside={<SheetLink href={`${path}/skis`}>All skis</SheetLink>}
      >
        {free.length === 0 ? (
          <>
            <Text textStyle="body">
              {skis.length === 0
                ? 'The rack is empty: put a pair on it first.'
                : 'No ski of this kind is free.'}
            </Text>
            <SheetLink href={`${path}/skis`}>Go to the skis</SheetLink>
          </>
        ) : (
          <DataTable
            caption="Skis for this outing"
            columns={[
              { title: 'Pair' },
              { title: 'Type' },
              { title: 'Wax reserve', isNumber: true },
              { title: 'Care' },
              { title: 'Sheet' },
            ]}
            rows={shown.map(({ ski, reserve, isDue }) => ({
              key: ski.id,
              cells: [
                <SheetLink key="ski" href={`${path}/skis/${ski.id}`}>
                  {ski.name}
                </SheetLink>,
                SKI_TYPE_WORDS[ski.type],
                `${Math.round(reserve * 100)} %`,
                isDue ? 'due' : '',
                <SheetLink key="sheet" href={`${path}/bench?ski=${ski.id}`}>
                  Job sheet of {ski.name}
                </SheetLink>,
              ],
            }))}
          />
        )}
        {more}
      </Part>
      {done.length > 0 && (
        <Part title="Done for this outing">
          {done.map((job) => (
            <Text key={job.id} textStyle="body">
              {job.title}, {dayAndTime(job.endedAt, outing.venue.timeZone)}.{' '}
              <SheetLink href={`${path}/bench?job=${job.id}`}>Look at the sheet</SheetLink>
            </Text>
          ))}
        </Part>
      )}
    </Sheet>
  );
}

/** Asks the browser once whether it may tell when a wait ends. */
function TellMe() {
  const [answer, setAnswer] = useState<string>();
  const ask = async () => {
    if (!('Notification' in window)) {
      setAnswer('This browser has no notifications: the tile and the sound stay.');
      return;
    }
    const given = await Notification.requestPermission();
    setAnswer(
      given === 'granted'
        ? 'It will tell you when a wait ends.'
        : 'Not allowed: the tile and the sound stay.',
    );
  };
  return (
    <Box mt="3">
      <ActionButton quiet onClick={() => void ask()}>
        Tell me when a wait ends
      </ActionButton>
      <Text textStyle="small" role="status">
        {answer}
      </Text>
    </Box>
  );
}
