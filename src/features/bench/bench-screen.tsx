'use client';

import type { Outing } from '@/core/model';
import { useState } from 'react';
import { Box, Text } from '@chakra-ui/react';
import { leftOf } from '@/core/bench';
import { ActionButton } from '@/ui/fields/action-button';
import { useServerClock } from '@/ui/format/server-clock';
import { countdown, dayAndTime } from '@/words/times';
import { DataTable } from '@/ui/frame/data-table';
import { useShownRows } from '@/ui/frame/shown-rows';
import { PlanBlocks } from './plan-blocks';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import type { BenchView } from './use-cases/load-bench';
import { termsWords } from '@/words/areas/terms';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.benchScreen;

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
      question={WORDS.question}
      answer={
        <Text textStyle="hero" data-testid="bench-answer">
          {open.length === 0
            ? WORDS.nothingYet
            : open.length === waits
              ? WORDS.handsAreFree(waits === 1 ? WORDS.oneWaits : WORDS.wait(waits))
              : WORDS.inHandWaiting(open.length - waits, waits)}
        </Text>
      }
    >
      {open.length > 0 && (
        <Part title={WORDS.underWay}>
          {open.map((job) => {
            const left = job.wait && leftOf(job.wait, now);
            return (
              <Box key={job.id} borderTopWidth="1px" borderColor="rule" py="2">
                <SheetLink href={`${path}/bench?job=${job.id}`}>{job.title}</SheetLink>
                <Text textStyle="small">
                  {WORDS.stepOf(job.position + 1, job.steps)}{' '}
                  {termsWords.inSentence(job.current ?? '')}
                  {left === undefined ? '' : left > 0 ? WORDS.left(countdown(left)) : WORDS.over}
                </Text>
              </Box>
            );
          })}
          <TellMe />
        </Part>
      )}
      <PlanBlocks blocks={view.blocks} path={path} timeZone={outing.venue.timeZone} nowMs={now} />
      <Part
        title={WORDS.skisFor(outing.name)}
        aside={<SheetLink href={`${path}/skis`}>{WORDS.allSkis}</SheetLink>}
      >
        {free.length === 0 ? (
          <>
            <Text textStyle="body">{skis.length === 0 ? WORDS.rackEmpty : WORDS.noSkiFree}</Text>
            <SheetLink href={`${path}/skis`}>{WORDS.goToTheSkis}</SheetLink>
          </>
        ) : (
          <DataTable
            caption={WORDS.skisForThisOuting}
            columns={[
              { title: WORDS.pair },
              { title: WORDS.type },
              { title: WORDS.waxReserve, isNumber: true },
              { title: WORDS.care },
              { title: WORDS.sheet },
            ]}
            rows={shown.map(({ ski, reserve, isDue }) => ({
              key: ski.id,
              cells: [
                <SheetLink key="ski" href={`${path}/skis/${ski.id}`}>
                  {ski.name}
                </SheetLink>,
                termsWords.SKI_TYPE_WORDS[ski.type],
                `${Math.round(reserve * 100)} %`,
                isDue ? WORDS.due : '',
                <SheetLink key="sheet" href={`${path}/bench?ski=${ski.id}`}>
                  {WORDS.jobSheetOf(ski.name)}
                </SheetLink>,
              ],
            }))}
          />
        )}
        {more}
      </Part>
      {done.length > 0 && (
        <Part title={WORDS.doneForThisOuting}>
          {done.map((job) => (
            <Text key={job.id} textStyle="body">
              {job.title}, {dayAndTime(job.endedAt, outing.venue.timeZone)}.{' '}
              <SheetLink href={`${path}/bench?job=${job.id}`}>{WORDS.lookAtTheSheet}</SheetLink>
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
      setAnswer(WORDS.notificationsMissing);
      return;
    }
    const given = await Notification.requestPermission();
    setAnswer(given === 'granted' ? WORDS.itWillTellYouWhen : WORDS.notificationsRefused);
  };
  return (
    <Box mt="3">
      <ActionButton quiet onClick={() => void ask()}>
        {WORDS.tellMeWhenAWait}
      </ActionButton>
      <Text textStyle="small" role="status">
        {answer}
      </Text>
    </Box>
  );
}
