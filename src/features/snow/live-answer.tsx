'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import Link from 'next/link';
import type { RankedChoice } from '@/core/choice';
import { temperature } from '@/words/quantities';
import { words } from '@/words';
import { toldLines, toldRanking } from '@/words/told/choice';
import { useWords } from '@/ui/format/use-words';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { Caution, Part } from '@/ui/frame/sheet';

const WORDS = words.screens.snow.liveAnswer;

const SHOWN_PRODUCTS = 5;

/** A choice while one types: without a shelf nothing is ranked, and a loss has no seconds. */
export type LiveChoice = Omit<RankedChoice, 'secondsPerPercent'>;

interface LiveAnswerProps {
  title: string;
  result: LiveChoice | undefined;
  products: readonly ShownProduct[];
  /** Why there is no result, and what to do. */
  missing: string | undefined;
  pickHref: string;
}

/** What the snow as typed asks for, at once: equivalent temperature, hardness, ledger and shelf. */
export function LiveAnswer({ title, result, products, missing, pickHref }: LiveAnswerProps) {
  const { units, say, write } = useWords();
  if (!result) {
    return (
      <Part title={title}>
        <Text textStyle="body" color="faint">
          {missing}
        </Text>
      </Part>
    );
  }
  return (
    <Box aria-live="polite">
      <Part title={title}>
        <Flex align="center" gap="5" wrap="wrap" mb="2">
          <Text textStyle="title" data-testid="live-equivalent">
            {temperature(result.equivalentTemperatureC, units)}
          </Text>
          <Flex textStyle="title" gap="2" align="center">
            <Text textStyle="small" color="faint">
              {WORDS.hardness}
            </Text>
            <NotchGauge hardness={result.hardness} />
          </Flex>
        </Flex>
        {result.cautions.map((caution) => (
          <Caution key={caution.code}>{say(words.choice.CAUTION, caution)}</Caution>
        ))}
        {result.ranking.length === 0 && <Caution>{WORDS.theShelfIsEmptyAdd}</Caution>}
        <LedgerTable
          lines={toldLines(result.lines, write)}
          equivalentTemperatureC={result.equivalentTemperatureC}
        />
      </Part>
      <Part
        title={WORDS.fromTheShelf}
        aside={
          <Link href={pickHref} prefetch={false}>
            <Text as="span" textStyle="small" color="action" textDecoration="underline">
              {WORDS.allAndChoose(result.ranking.length)}
            </Text>
          </Link>
        }
      >
        <RankingList
          ranking={toldRanking(result.ranking.slice(0, SHOWN_PRODUCTS), write)}
          products={products}
        />
      </Part>
    </Box>
  );
}
