'use client';

import { useState, type ReactNode } from 'react';
import { Box, Flex, RadioGroup, Text } from '@chakra-ui/react';
import type { RenderedRanked } from '../../core/choice';
import { labelHardness, type GlideProduct } from '../../core/wax';
import { fixed, probability, seconds, temperatureRange } from '../../words/quantities';
import { useUnits } from '../format/units-context';
import { ActionButton } from '../fields/action-button';
import { NotchGauge } from '../marks/notch-gauge';
import { Swatch } from '../marks/swatch';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.rankingList;

export type ShownProduct = GlideProduct & { swatch?: string | null };

interface RankingListProps {
  ranking: readonly RenderedRanked[];
  products: readonly ShownProduct[];
  /** The product taken; undefined shows a list without a choice in it. */
  takenId?: string;
  onTake?: (id: string) => void;
}

/** Rows shown before one asks for all. */
const FIRST_ROWS = 8;

/** The shelf in order of expected glide loss, each product with why it stands there. */
export function RankingList({ ranking, products, takenId, onTake }: RankingListProps) {
  const [isAll, setIsAll] = useState(false);
  const byId = new Map(products.map((product) => [product.id, product]));
  const isShown = (one: RenderedRanked, i: number) => isAll || i < FIRST_ROWS || one.id === takenId;
  const shown = ranking.map((one, i) => ({ one, i })).filter(({ one, i }) => isShown(one, i));
  const list = (
    <Box as="ol" listStyleType="none" m="0" p="0">
      {shown.map(({ one, i }) => (
        <Box as="li" key={one.id} borderBottomWidth="1px" borderColor="rule">
          <Row takes={onTake && !one.excluded ? one : undefined}>
            <RankedFacts place={i + 1} ranked={one} product={byId.get(one.id)} />
          </Row>
        </Box>
      ))}
    </Box>
  );
  return (
    <>
      {onTake ? (
        <RadioGroup.Root
          aria-label={WORDS.takeOne}
          value={takenId ?? null}
          onValueChange={({ value }) => value !== null && onTake(value)}
        >
          {list}
        </RadioGroup.Root>
      ) : (
        list
      )}
      {shown.length < ranking.length && (
        <ActionButton quiet mt="3" onClick={() => setIsAll(true)}>
          {WORDS.showAll(ranking.length)}
        </ActionButton>
      )}
    </>
  );
}

/** A row of the list; where it `takes` a product, all of it is the button. */
function Row({ takes, children }: { takes: RenderedRanked | undefined; children: ReactNode }) {
  const look = { display: 'flex', gap: '3', alignItems: 'flex-start', py: '2', minH: 'target' };
  if (!takes) return <Box {...look}>{children}</Box>;
  return (
    <RadioGroup.Item
      value={takes.id}
      {...look}
      cursor="pointer"
      _focusVisible={{ outline: '3px solid', outlineColor: 'action' }}
    >
      <RadioGroup.ItemHiddenInput aria-label={WORDS.take(takes.name)} />
      <RadioGroup.ItemIndicator
        mt="1"
        borderColor="edge"
        bg="sheet"
        _checked={{ bg: 'action', borderColor: 'action', color: 'onAction' }}
      />
      {children}
    </RadioGroup.Item>
  );
}

interface RankedFactsProps {
  place: number;
  ranked: RenderedRanked;
  product: ShownProduct | undefined;
}

function RankedFacts({ place, ranked, product }: RankedFactsProps) {
  const units = useUnits();
  const { excluded } = ranked;
  return (
    <>
      <Text textStyle="body" w="7" color="faint" textAlign="right" flexShrink="0">
        {excluded ? '–' : place}
      </Text>
      <Box flex="1" minW="0">
        <Flex gap="2" align="center" wrap="wrap">
          <Swatch color={product?.swatch} />
          <Text textStyle="strong" textDecoration={excluded ? 'line-through' : undefined}>
            {ranked.name}
          </Text>
          {product && (
            <>
              <Text textStyle="small" color="faint">
                {temperatureRange(product.labelLowC, product.labelHighC, units)}
              </Text>
              <NotchGauge
                hardness={labelHardness(product.labelLowC, product.labelHighC)}
                size={14}
              />
            </>
          )}
        </Flex>
        <Text textStyle="small" color="faint">
          {ranked.reasons.join(' ')}
        </Text>
      </Box>
      {!excluded && (
        <Box textAlign="right" whiteSpace="nowrap" flexShrink="0">
          <Text textStyle="strong">{fixed(ranked.expectedLossPercent, 2)} %</Text>
          <Text textStyle="small" color="faint">
            {ranked.expectedLossSeconds !== undefined &&
              WORDS.about(seconds(ranked.expectedLossSeconds))}
            {WORDS.best(probability(ranked.probabilityBest))}
          </Text>
        </Box>
      )}
    </>
  );
}
