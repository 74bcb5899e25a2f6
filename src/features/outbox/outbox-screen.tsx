'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { outbox } from '@/ui/outbox/outbox';
import type { OutboxEntry } from '@/ui/outbox/outbox-store';
import { useOutbox } from '@/ui/outbox/use-outbox';
import { outboxScreenWords } from '@/words/screens/outbox';
import { dayAndTime } from '@/words/times';

const WORDS = outboxScreenWords.outboxScreen;

/** The zone of this device: what waits belongs to nobody's outing yet. */
const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** What waits on this device: sent by itself, or refused and then fixed or deleted by a person. */
export function OutboxScreen() {
  const { entries, store } = useOutbox();
  const [said, setSaid] = useState<string>();
  const refused = entries.filter(({ why }) => why !== undefined).length;
  const [deleted, setDeleted] = useState<OutboxEntry>();
  const [open, setOpen] = useState<number>();
  const remove = async (entry: OutboxEntry) => {
    await outbox.delete(entry.turn);
    setSaid(undefined);
    setDeleted(entry);
  };
  const undo = async (entry: OutboxEntry) => {
    await outbox.putBack(entry);
    setDeleted(undefined);
  };
  const copy = async () => {
    await navigator.clipboard.writeText(JSON.stringify(entries, undefined, 2));
    setSaid(WORDS.copied);
  };
  return (
    <Box as="main">
      <Sheet
        question={WORDS.title}
        answer={
          <Text textStyle="title" data-testid="outbox-count">
            {store === 'read' ? WORDS.answer(entries.length - refused, refused) : WORDS[store]}
          </Text>
        }
      >
        <Text textStyle="body" maxW="640px" mb="4">
          {WORDS.hint} {refused > 0 ? WORDS.refusedHint : ''}
        </Text>
        <Box as="ol" listStyleType="none" m="0" p="0" maxW="760px">
          {entries.map((entry) => (
            <Box
              as="li"
              key={entry.turn}
              borderTopWidth="1px"
              borderColor="rule"
              py="2"
              data-testid="outbox-entry"
            >
              <Flex justify="space-between" gap="4" align="center" wrap="wrap">
                <Box minW="0">
                  <Text textStyle="strong">{entry.label}</Text>
                  <Text textStyle="small" color="faint">
                    {dayAndTime(entry.at, ownZone())}
                  </Text>
                </Box>
                <Flex gap="3" align="center" wrap="wrap">
                  {entry.why === undefined ? (
                    <Text textStyle="body">{WORDS.waits}</Text>
                  ) : (
                    <ActionButton
                      quiet
                      aria-label={WORDS.againOf(entry.label)}
                      onClick={() => void outbox.again(entry.turn)}
                    >
                      {WORDS.again}
                    </ActionButton>
                  )}
                  <ActionButton
                    plain
                    aria-label={WORDS.detailsOf(entry.label)}
                    aria-expanded={open === entry.turn}
                    onClick={() => setOpen(open === entry.turn ? undefined : entry.turn)}
                  >
                    {WORDS.details}
                  </ActionButton>
                  <ActionButton
                    plain
                    aria-label={WORDS.deleteOf(entry.label)}
                    onClick={() => void remove(entry)}
                  >
                    {WORDS.delete}
                  </ActionButton>
                </Flex>
              </Flex>
              {open === entry.turn && (
                <Text as="pre" textStyle="small" whiteSpace="pre-wrap" overflowWrap="anywhere">
                  {JSON.stringify(entry.input, undefined, 2)}
                </Text>
              )}
              {entry.why !== undefined && <Caution>{entry.why}</Caution>}
            </Box>
          ))}
        </Box>
        <Text textStyle="body" role="status" my="3">
          {said ?? ''}
        </Text>
        {deleted && (
          <UndoNotice
            message={WORDS.deleted(deleted.label)}
            onUndo={() => void undo(deleted)}
            onClose={() => setDeleted(undefined)}
          />
        )}
        <Flex gap="5" wrap="wrap" align="center">
          {entries.length > 0 && (
            <ActionButton quiet onClick={() => void copy()}>
              {WORDS.copy}
            </ActionButton>
          )}
          <SheetLink href="/">{WORDS.back}</SheetLink>
        </Flex>
      </Sheet>
    </Box>
  );
}
