'use client';

import type { LogEntry, Outing } from '@/core/model';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { optionsOf } from '@/ui/fields/choice-row';
import { SelectField } from '@/ui/fields/select-field';
import { TextField } from '@/ui/fields/text-field';
import { Part } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { logScreenWords } from '@/words/screens/log';
import { dayAndTime } from '@/words/times';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { LOG_SHOWS, pathOf, type LogShow, type LogView } from './log-view';
import { NoteLine } from './note-line';
import { TimelineEntry } from './timeline-entry';
import { useLogView } from './use-log-view';
import type { Timeline } from './use-cases/load-timeline';

const WORDS = logScreenWords.timeline;
const CHOICE = logScreenWords.logScreen;
const NOTE = logScreenWords.note;
const shows = () => optionsOf(Object.keys(LOG_SHOWS) as LogShow[], WORDS.SHOW);
const wheres = () => [
  { value: 'all', label: WORDS.allOutings },
  { value: 'here', label: WORDS.thisOuting },
];

interface TimelinePartProps {
  outing: Outing;
  outings: readonly Outing[];
  view: LogView;
  timeline: Timeline;
  /** How many entries a page has. */
  aPage: number;
}

/** All that was recorded, the latest first: narrowed by words, by kind and to an outing. */
export function TimelinePart({ outing, outings, view, timeline, aPage }: TimelinePartProps) {
  const { search, setSearch, narrow } = useLogView(outing.id, view);
  const acts = useAct();
  const byId = new Map(outings.map((one) => [one.id, one]));
  const pages = Math.max(1, Math.ceil(timeline.count / aPage));
  const withdrawChoice = (id: string) =>
    acts.write(
      'choice.withdraw',
      { id },
      { said: () => CHOICE.choiceWithdrawnItStaysIn, undo: () => ['choice.restore', { id }] },
    );
  const removeNote = (id: string) =>
    acts.write(
      'note.remove',
      { id },
      { said: () => NOTE.removed, undo: () => ['note.restore', { id }] },
    );
  const whereOf = (entry: LogEntry) => {
    const at = entry.outingId === undefined ? undefined : byId.get(entry.outingId);
    const zone = at?.venue.timeZone ?? outing.venue.timeZone;
    const where = WORDS.where(WORDS.KIND[entry.kind], at?.name, dayAndTime(entry.at, zone));
    return entry.hands ? WORDS.by(where, entry.hands) : where;
  };
  const isNarrowed = view.words !== '' || view.show !== 'all' || view.isHere;
  return (
    <Part
      title={WORDS.title}
      aside={
        <Flex gap="4">
          <FileLink href="/api/v1/choices?format=csv">{WORDS.choicesAs(CHOICE.csv)}</FileLink>
          <FileLink href="/api/v1/choices?format=json">{WORDS.choicesAs(CHOICE.json)}</FileLink>
        </Flex>
      }
    >
      <ActNotice acts={acts} />
      <Grid templateColumns={{ base: '1fr', lg: '1fr 1fr' }} columnGap="10" rowGap="3" mb="3">
        <NoteLine outingId={outing.id} acts={acts} />
        {(timeline.count > 0 || isNarrowed) && (
          <Grid templateColumns={{ base: '1fr', md: '2fr 1fr 1fr' }} gap="3">
            <TextField label={WORDS.find} value={search} onChange={setSearch} />
            <SelectField
              label={WORDS.show}
              value={view.show}
              options={shows()}
              onChange={(show) => narrow({ show: show as LogShow })}
            />
            <SelectField
              label={WORDS.of}
              value={view.isHere ? 'here' : 'all'}
              options={wheres()}
              onChange={(one) => narrow({ isHere: one === 'here' })}
            />
          </Grid>
        )}
      </Grid>
      {timeline.count === 0 && (
        <Text textStyle="body">{isNarrowed ? WORDS.nothingFound : WORDS.nothingYet}</Text>
      )}
      <Box as="ol" listStyleType="none" m="0" p="0" data-testid="log">
        {timeline.entries.map((entry) => (
          <TimelineEntry
            key={`${entry.kind}-${entry.refId}`}
            entry={entry}
            where={whereOf(entry)}
            onWithdraw={() => void withdrawChoice(entry.refId)}
            onRemove={() => void removeNote(entry.refId)}
          />
        ))}
      </Box>
      {pages > 1 && (
        <Flex as="nav" aria-label={WORDS.pages} gap="4" align="center" mt="3">
          {view.page > 1 && (
            <SheetLink href={pathOf(outing.id, { ...view, page: view.page - 1 })}>
              {WORDS.newer}
            </SheetLink>
          )}
          <Text textStyle="small">{WORDS.pageOf(view.page, pages)}</Text>
          {view.page < pages && (
            <SheetLink href={pathOf(outing.id, { ...view, page: view.page + 1 })}>
              {WORDS.older}
            </SheetLink>
          )}
        </Flex>
      )}
    </Part>
  );
}
