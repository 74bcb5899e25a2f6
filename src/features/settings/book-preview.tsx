'use client';

import type { MergeReport } from '@/core/book';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { DataTable } from '@/ui/frame/data-table';
import { Disclosure } from '@/ui/frame/disclosure';
import { settingsScreenWords } from '@/words/screens/settings';
import { DifferenceLines } from './difference-lines';

const WORDS = settingsScreenWords.exchange;
const COUNTS = ['added', 'changed', 'removed', 'conflicts', 'kept'] as const;
/** Changes that are listed before the rest is only counted. */
const MOST_LISTED = 20;

interface BookPreviewProps {
  report: MergeReport;
  isBusy: boolean;
  /** With the conflicts in which the other record is taken. */
  onTake: (theirs: readonly string[]) => void;
  onCancel: () => void;
}

/** What a book would change here, and what a person must decide, before anything is taken in. */
export function BookPreview({ report, isBusy, onTake, onCancel }: BookPreviewProps) {
  const { kinds, changes, conflicts, withoutPicture, sameNames } = report;
  const [theirs, setTheirs] = useState<readonly string[]>([]);
  const isNew = kinds.some((one) => one.added + one.changed + one.removed + one.conflicts > 0);
  const open = conflicts.filter(({ isFixed }) => !isFixed);
  const fixed = conflicts.filter(({ isFixed }) => isFixed);
  const setTaken = (id: string, isTaken: boolean) =>
    setTheirs((before) => [
      ...before.filter((one) => one !== id && one !== 'all'),
      ...(isTaken ? [id] : []),
    ]);
  const fixedCount = kinds.reduce((sum, one) => sum + one.fixed, 0);
  const hasMore = kinds.reduce((sum, one) => sum + one.conflicts, 0) > open.length;
  return (
    <Box data-testid="book-preview">
      <CountsTable kinds={kinds} />
      <Text textStyle="small" mt="2">
        {WORDS.sameInBoth(kinds.reduce((sum, { same }) => sum + same, 0))}
      </Text>
      {!isNew && (
        <Text textStyle="body" mt="3">
          {WORDS.nothingNew}
        </Text>
      )}
      {withoutPicture > 0 && (
        <Text textStyle="body" mt="3">
          {WORDS.withoutPicture(withoutPicture)}
        </Text>
      )}
      {sameNames.length > 0 && (
        <Text textStyle="body" mt="3">
          {WORDS.sameNames(sameNames.map(({ label }) => label))}
        </Text>
      )}
      {changes.length > 0 && (
        <Box mt="4">
          <Text textStyle="strong">{WORDS.changesTitle}</Text>
          {changes.slice(0, MOST_LISTED).map((one) => (
            <DifferenceLines key={one.id} difference={one} />
          ))}
          {changes.length > MOST_LISTED && (
            <Text textStyle="small">{WORDS.more(changes.length - MOST_LISTED)}</Text>
          )}
        </Box>
      )}
      {open.length > 0 && (
        <Box mt="4">
          <Text textStyle="strong">{WORDS.conflictsTitle}</Text>
          {(open.length > 1 || hasMore) && (
            <ActionButton
              quiet
              mt="2"
              onClick={() => setTheirs(hasMore ? ['all'] : open.map(({ id }) => id))}
            >
              {WORDS.allTheirs}
            </ActionButton>
          )}
          {open.map((one) => (
            <Box key={one.id} borderTopWidth="1px" borderColor="rule" py="2" maxW="560px">
              <DifferenceLines difference={one} />
              <ChoiceRow
                legend={WORDS.whichStands(one.label)}
                name={one.id}
                value={theirs.includes('all') || theirs.includes(one.id) ? 'theirs' : 'mine'}
                options={[
                  { value: 'mine', label: WORDS.keepMine },
                  { value: 'theirs', label: WORDS.takeTheirs },
                ]}
                onChange={(which) => setTaken(one.id, which === 'theirs')}
                optionWidth="160px"
              />
            </Box>
          ))}
        </Box>
      )}
      {fixed.length > 0 && (
        <Disclosure mt="3" title={WORDS.fixed(fixedCount)}>
          {fixed.map((one) => (
            <DifferenceLines key={one.id} difference={one} />
          ))}
          {fixedCount > fixed.length && (
            <Text textStyle="small">{WORDS.more(fixedCount - fixed.length)}</Text>
          )}
        </Disclosure>
      )}
      <Flex gap="3" mt="4">
        {isNew && (
          <ActionButton
            loading={isBusy}
            loadingText={WORDS.takingIn}
            onClick={() => onTake(theirs)}
          >
            {WORDS.takeIn}
          </ActionButton>
        )}
        <ActionButton quiet onClick={onCancel}>
          {WORDS.cancel}
        </ActionButton>
      </Flex>
    </Box>
  );
}

/** How many records of each kind are new, changed or to be decided; what is nothing is left out. */
function CountsTable({ kinds }: Pick<MergeReport, 'kinds'>) {
  const counts = COUNTS.filter((count) => kinds.some((one) => one[count] > 0));
  const rows = kinds.filter((one) => counts.some((count) => one[count] > 0));
  if (rows.length === 0) return null;
  return (
    <DataTable
      caption={WORDS.whatChanges}
      columns={[
        { title: WORDS.kind },
        ...counts.map((count) => ({ title: WORDS[count], isNumber: true })),
      ]}
      rows={rows.map((one) => ({
        key: one.name,
        cells: [WORDS.KIND[one.name], ...counts.map((count) => one[count] || '')],
      }))}
    />
  );
}
