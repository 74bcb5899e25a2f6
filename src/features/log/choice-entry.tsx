'use client';

import type { LogChoice, Outcome } from '@/core/model';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { useUnits } from '@/ui/format/units-context';
import { Disclosure } from '@/ui/frame/disclosure';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList } from '@/ui/wax/ranking-list';
import { fixed, probability, seconds, temperature } from '@/words/quantities';
import { logScreenWords } from '@/words/screens/log';
import { EntryFrame } from './entry-frame';

const WORDS = logScreenWords.logScreen;
const OUTCOME = logScreenWords.outcome;

interface ChoiceEntryProps {
  choice: LogChoice;
  outcome: Outcome | undefined;
  where: string;
  onWithdraw: () => void;
}

/** A choice as it was made: with its reasons, the shelf of that time, and how it turned out. */
export function ChoiceEntry({ choice, outcome, where, onWithdraw }: ChoiceEntryProps) {
  const units = useUnits();
  const ranked = choice.taken;
  const aside = (
    <Flex gap="5" align="center" wrap="wrap">
      <Text textStyle="strong">{temperature(choice.equivalentTemperatureC, units)}</Text>
      <NotchGauge hardness={choice.hardness} size={20} />
      {ranked && (
        <Text textStyle="body">
          {WORDS.best(
            ranked.expectedLossSeconds === undefined
              ? `${fixed(ranked.expectedLossPercent, 2)} %`
              : `${fixed(ranked.expectedLossPercent, 2)} % (${seconds(ranked.expectedLossSeconds)})`,
            probability(ranked.probabilityBest),
          )}
        </Text>
      )}
    </Flex>
  );
  return (
    <EntryFrame title={choice.productName} where={where} aside={aside}>
      {choice.note && <Text textStyle="body">{choice.note}</Text>}
      {outcome && (
        <Text textStyle="body">
          {OUTCOME.was(OUTCOME.GLIDE[outcome.glide], OUTCOME.FEEL[outcome.feel])}
        </Text>
      )}
      <Disclosure mt="1" title={WORDS.ledgerAndShelfAsThey(choice.modelVersion)}>
        <Box maxW="720px">
          <LedgerTable
            lines={choice.lines}
            equivalentTemperatureC={choice.equivalentTemperatureC}
          />
          <RankingList ranking={choice.top} products={choice.products} />
        </Box>
        <ActionButton quiet mt="3" onClick={onWithdraw}>
          {WORDS.withdrawThisChoice}
        </ActionButton>
      </Disclosure>
    </EntryFrame>
  );
}
