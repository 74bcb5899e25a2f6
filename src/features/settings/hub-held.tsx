'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { settingsScreenWords } from '@/words/screens/settings';
import { dayAndTime } from '@/words/times';
import { cabinName } from './cabin-name';
import type { Held } from './use-cases/link-hub';

const WORDS = settingsScreenWords.hub;
const { exchange: BOOK } = settingsScreenWords;
const MOST_NAMED = 8;

interface HubHeldProps {
  held: readonly Held[];
  timeZone: string;
  isBusy: boolean;
  onAnswer: (cabin: string, isAgreed: boolean) => void;
}

/** What came from other cabins and was not taken in: removals that wait for a yes, and records with why. */
export function HubHeld({ held, timeZone, isBusy, onAnswer }: HubHeldProps) {
  const removals = held.filter(({ reason }) => reason === 'removal');
  const others = held.filter(({ reason }) => reason !== 'removal');
  const cabins = [...new Set(removals.map(({ cabin }) => cabin))];
  return (
    <>
      {cabins.map((cabin) => (
        <Removals
          key={cabin}
          cabin={cabinName(cabin)}
          removals={removals.filter((one) => one.cabin === cabin)}
          isBusy={isBusy}
          onAnswer={(isAgreed) => onAnswer(cabin, isAgreed)}
        />
      ))}
      {others.length > 0 && (
        <Box mt="4" data-testid="hub-held">
          <Text textStyle="strong">{WORDS.heldTitle}</Text>
          <Text textStyle="small">{WORDS.heldHint}</Text>
          {others.slice(0, MOST_NAMED).map(({ kind, ref, label, reason, cabin, at }) => (
            <Box key={`${kind} ${ref}`} borderTopWidth="1px" borderColor="rule" py="2" maxW="560px">
              <Text textStyle="body" overflowWrap="anywhere">
                {BOOK.recordOf(BOOK.KIND[kind], label)}
              </Text>
              <Text textStyle="small">{WORDS.held(reason)}</Text>
              <Text textStyle="small" color="faint">
                {WORDS.heldOf(cabinName(cabin), dayAndTime(at, timeZone))}
              </Text>
            </Box>
          ))}
          <More count={others.length - MOST_NAMED} />
        </Box>
      )}
    </>
  );
}

const More = ({ count }: { count: number }) =>
  count > 0 ? <Text textStyle="small">{WORDS.andMore(count)}</Text> : null;

interface RemovalsProps {
  cabin: string;
  removals: readonly Held[];
  isBusy: boolean;
  onAnswer: (isAgreed: boolean) => void;
}

function Removals({ cabin, removals, isBusy, onAnswer }: RemovalsProps) {
  return (
    <Box mt="4" data-testid="hub-removals">
      <Text textStyle="strong">{WORDS.removalsTitle(cabin, removals.length)}</Text>
      <Text textStyle="small">{WORDS.removalsHint}</Text>
      {removals.slice(0, MOST_NAMED).map(({ kind, ref, label }) => (
        <Text key={`${kind} ${ref}`} textStyle="small" overflowWrap="anywhere">
          {BOOK.recordOf(BOOK.KIND[kind], label)}
        </Text>
      ))}
      <More count={removals.length - MOST_NAMED} />
      <Flex gap="3" mt="2" wrap="wrap">
        <ActionButton quiet loading={isBusy} onClick={() => onAnswer(false)}>
          {WORDS.keepThem}
        </ActionButton>
        <ActionButton quiet loading={isBusy} onClick={() => onAnswer(true)}>
          {WORDS.removeToo}
        </ActionButton>
      </Flex>
    </Box>
  );
}
