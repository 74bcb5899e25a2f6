'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { outbox } from '@/ui/outbox/outbox';
import type { OutboxEntry } from '@/ui/outbox/outbox-store';
import { useOutbox } from '@/ui/outbox/use-outbox';
import { outboxScreenWords } from '@/words/screens/outbox';
import { dayAndTime } from '@/words/times';

const WORDS = outboxScreenWords.outboxScreen;

/** The zone of this device: what waits belongs to nobody's outing yet. */
const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** What waits on this device: sent by itself, or refused and mended or dropped by a person. */
export function OutboxScreen() {
  const { entries, store } = useOutbox();
  const [said, setSaid] = useState<string>();
  const refused = entries.filter(({ why }) => why !== undefined).length;
  const drop = async ({ turn, label }: OutboxEntry) => {
    await outbox.drop(turn);
    setSaid(WORDS.dropped(label));
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
                {entry.why === undefined ? (
                  <Text textStyle="body">{WORDS.waits}</Text>
                ) : (
                  <Flex gap="3">
                    <ActionButton
                      quiet
                      aria-label={WORDS.againOf(entry.label)}
                      onClick={() => void outbox.again(entry.turn)}
                    >
                      {WORDS.again}
                    </ActionButton>
                    <ActionButton
                      quiet
                      aria-label={WORDS.dropOf(entry.label)}
                      onClick={() => void drop(entry)}
                    >
                      {WORDS.drop}
                    </ActionButton>
                  </Flex>
                )}
              </Flex>
              {entry.why !== undefined && <Caution>{entry.why}</Caution>}
            </Box>
          ))}
        </Box>
        <Text textStyle="body" role="status" my="3">
          {said ?? ''}
        </Text>
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
