'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import Link from 'next/link';
import type { PickResult } from '@/core/wax';
import { temperature } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { Caution, Part } from '@/ui/frame/sheet';

const SHOWN_PRODUCTS = 5;

interface LiveAnswerProps {
  title: string;
  result: PickResult | undefined;
  products: readonly ShownProduct[];
  /** Why there is no result, and what to do. */
  missing: string | undefined;
  pickHref: string;
}

/** What the snow as typed asks for, at once: equivalent temperature, hardness, ledger and shelf. */
export function LiveAnswer({ title, result, products, missing, pickHref }: LiveAnswerProps) {
  const units = useUnits();
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
              Hardness
            </Text>
            <NotchGauge hardness={result.hardness} />
          </Flex>
        </Flex>
        {result.cautions.map((caution) => (
          <Caution key={caution}>{caution}</Caution>
        ))}
        <LedgerTable lines={result.lines} equivalentTemperatureC={result.equivalentTemperatureC} />
      </Part>
      <Part
        title="From the shelf"
        aside={
          <Link href={pickHref} prefetch={false}>
            <Text as="span" textStyle="small" color="action" textDecoration="underline">
              All {result.ranking.length}, and choose
            </Text>
          </Link>
        }
      >
        <RankingList ranking={result.ranking.slice(0, SHOWN_PRODUCTS)} products={products} />
      </Part>
    </Box>
  );
}
