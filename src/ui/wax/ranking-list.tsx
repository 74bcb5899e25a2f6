'use client';

import { useState } from 'react';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { labelHardness, type GlideProduct, type RankedProduct } from '../../core/wax';
import { probability, temperatureRange } from '../format/quantities';
import { useUnits } from '../format/units-context';
import { ActionButton } from '../fields/action-button';
import { NotchGauge } from '../marks/notch-gauge';
import { Swatch } from '../marks/swatch';

export type ShownProduct = GlideProduct & { swatch?: string | null };

interface RankingListProps {
  ranking: readonly RankedProduct[];
  products: readonly ShownProduct[];
  /** The product taken; undefined shows a list without a choice in it. */
  takenId?: string;
  onTake?: (id: string) => void;
}

/** Rows shown before one asks for all. */
const FIRST_ROWS = 8;

const Radio = chakra('input');
const Row = chakra('label');

/** The shelf in order of expected glide loss, each product with why it stands there. */
export function RankingList({ ranking, products, takenId, onTake }: RankingListProps) {
  const [isAll, setIsAll] = useState(false);
  const byId = new Map(products.map((product) => [product.id, product]));
  const isShown = (one: RankedProduct, i: number) => isAll || i < FIRST_ROWS || one.id === takenId;
  const shown = ranking.map((one, i) => ({ one, i })).filter(({ one, i }) => isShown(one, i));
  return (
    <>
      <Box as="ol" listStyleType="none" m="0" p="0">
        {shown.map(({ one, i }) => (
          <Box as="li" key={one.id} borderBottomWidth="1px" borderColor="rule">
            <RankingRow
              place={i + 1}
              ranked={one}
              product={byId.get(one.id)}
              isTaken={one.id === takenId}
              onTake={one.excluded ? undefined : onTake}
            />
          </Box>
        ))}
      </Box>
      {shown.length < ranking.length && (
        <ActionButton quiet mt="3" onClick={() => setIsAll(true)}>
          Show all {ranking.length}
        </ActionButton>
      )}
    </>
  );
}

interface RankingRowProps {
  place: number;
  ranked: RankedProduct;
  product: ShownProduct | undefined;
  isTaken: boolean;
  onTake: ((id: string) => void) | undefined;
}

function RankingRow({ place, ranked, product, isTaken, onTake }: RankingRowProps) {
  const units = useUnits();
  const { excluded } = ranked;
  return (
    <Row
      display="flex"
      gap="3"
      alignItems="flex-start"
      py="2"
      minH="target"
      cursor={onTake ? 'pointer' : 'default'}
      css={{ '&:has(:focus-visible)': { outline: '3px solid', outlineColor: 'action' } }}
    >
      {onTake && (
        <Radio
          type="radio"
          name="taken-product"
          checked={isTaken}
          onChange={() => onTake(ranked.id)}
          aria-label={`Take ${ranked.name}`}
          mt="1.5"
          w="5"
          h="5"
          accentColor="action"
        />
      )}
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
          <Text textStyle="strong">{ranked.expectedLossPercent.toFixed(2)} %</Text>
          <Text textStyle="small" color="faint">
            best {probability(ranked.probabilityBest)}
          </Text>
        </Box>
      )}
    </Row>
  );
}
