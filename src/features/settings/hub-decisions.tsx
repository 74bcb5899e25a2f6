'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { settingsScreenWords } from '@/words/screens/settings';
import { dayAndTime } from '@/words/times';
import { cabinName } from './cabin-name';
import { DifferenceLines } from './difference-lines';
import type { HubDecision } from './use-cases/link-hub';

const WORDS = settingsScreenWords.hub;

interface HubDecisionsProps {
  decisions: readonly HubDecision[];
  timeZone: string;
  isBusy: boolean;
  onSeen: (id: string) => void;
}

/** What two cabins changed at once: which value stands now, which one gave way. */
export function HubDecisions({ decisions, timeZone, isBusy, onSeen }: HubDecisionsProps) {
  if (decisions.length === 0) return null;
  return (
    <Box mt="4" data-testid="hub-decisions">
      <Text textStyle="strong">{WORDS.decidedTitle}</Text>
      <Text textStyle="small">{WORDS.decidedHint}</Text>
      {decisions.map(({ difference, cabin, at }) => (
        <Flex
          key={difference.id}
          borderTopWidth="1px"
          borderColor="rule"
          py="2"
          maxW="560px"
          gap="4"
          justify="space-between"
          align="center"
        >
          <Box minW="0">
            <DifferenceLines
              difference={difference}
              rendered={(column, mine, theirs) =>
                difference.isTaken
                  ? WORDS.standsTheirs(column, mine, theirs)
                  : WORDS.standsMine(column, mine, theirs)
              }
            />
            <Text textStyle="small" color="faint">
              {WORDS.decidedWith(cabinName(cabin), dayAndTime(at, timeZone))}
            </Text>
          </Box>
          <ActionButton
            quiet
            loading={isBusy}
            aria-label={WORDS.sawOf(difference.label)}
            onClick={() => onSeen(difference.id)}
          >
            {WORDS.saw}
          </ActionButton>
        </Flex>
      ))}
    </Box>
  );
}
