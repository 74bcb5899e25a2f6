'use client';

import type { Starter, StarterPairs } from '@/core/model';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { RankedPair, WeighedReason } from '@/core/pairs';
import { useWords } from '@/ui/format/use-words';
import { Disclosure } from '@/ui/frame/disclosure';
import { RowMenu } from '@/ui/frame/row-menu';
import { SheetLink } from '@/ui/frame/sheet-link';
import { pairsWords } from '@/words/areas/pairs';
import { pairsScreenWords } from '@/words/screens/pairs';
import type { Acts } from '@/writes/use-act';
import { StarterForm } from './starter-form';

const WORDS = pairsScreenWords.starterRow;

const SHOWN_REASONS = 3;

interface StarterRowProps {
  row: StarterPairs;
  path: string;
  acts: Acts;
}

/** A skier with the pair they take, why, and what else there is. */
export function StarterRow({ row, path, acts }: StarterRowProps) {
  const { starter, skier, ranking, skiId } = row;
  const taken = ranking.find((pair) => pair.skiId === skiId);
  const takeOff = () =>
    acts.write(
      'starter.off',
      { ids: [starter.id] },
      {
        said: () => WORDS.takenOff(skier.name),
        undo: ({ removed }) => ['starter.back', { starters: removed }],
      },
    );
  return (
    <Grid
      templateColumns={{ base: '1fr auto', md: '160px 1fr auto' }}
      columnGap="4"
      borderTopWidth="1px"
      borderColor="rule"
      py="3"
      data-testid="starter"
    >
      <Text textStyle="strong">{skier.name}</Text>
      <Box gridColumn={{ base: '1 / -1', md: '2' }} gridRow={{ base: '2', md: '1' }} minW="0">
        {taken ? (
          <TakenPair pair={taken} starter={starter} path={path} />
        ) : (
          <>
            <Text textStyle="strong">{WORDS.noPair}</Text>
            <Text textStyle="small">{WORDS.noPairWhy}</Text>
            <SheetLink href={`${path}/skis`}>{WORDS.toRack}</SheetLink>
          </>
        )}
        <NextPairs ranking={ranking} skiId={skiId} />
        <Disclosure title={WORDS.details(skier.name)}>
          <StarterForm row={row} acts={acts} />
        </Disclosure>
      </Box>
      <Box gridColumn={{ base: '2', md: '3' }} gridRow="1">
        <RowMenu
          label={WORDS.menu(skier.name)}
          actions={[
            {
              key: 'off',
              title: WORDS.takeOff,
              label: WORDS.takeOffWho(skier.name),
              onSelect: takeOff,
            },
          ]}
        />
      </Box>
    </Grid>
  );
}

function TakenPair({ pair, starter, path }: { pair: RankedPair; starter: Starter; path: string }) {
  const isGiven = starter.skiId === pair.skiId;
  return (
    <>
      <Flex gap="3" align="baseline" wrap="wrap">
        <Text textStyle="title" data-testid="pair-taken">
          {pair.skiName}
        </Text>
        <Text textStyle="small" color="faint">
          {isGiven ? WORDS.given : WORDS.suggested}
        </Text>
        <SheetLink href={`${path}/bench?ski=${pair.skiId}`}>{WORDS.sheet}</SheetLink>
      </Flex>
      {isGiven && starter.why && <Text textStyle="body">{WORDS.why(starter.why)}</Text>}
      <Reasons reasons={pair.reasons} />
    </>
  );
}

/** The weightiest reasons, each in a sentence; what speaks against the pair says so. */
function Reasons({ reasons }: { reasons: readonly WeighedReason[] }) {
  const { say } = useWords();
  return (
    <Box as="ul" listStyleType="none" m="0" p="0">
      {reasons.slice(0, SHOWN_REASONS).map(({ reason, points }) => (
        <Text as="li" key={reason.code} textStyle="small">
          {points < 0 && <strong>{WORDS.against}</strong>}
          {say(pairsWords.REASON, reason)}
        </Text>
      ))}
    </Box>
  );
}

/** The pairs after the one that is taken, each with what speaks most against it. */
function NextPairs({ ranking, skiId }: { ranking: readonly RankedPair[]; skiId?: string }) {
  const { say } = useWords();
  const next = ranking.find((pair) => pair.skiId !== skiId);
  if (!next) return null;
  const worst = next.reasons.find(({ points }) => points < 0);
  return (
    <Text textStyle="small" color="faint">
      {WORDS.others(
        [next.skiName, worst && say(pairsWords.REASON, worst.reason)].filter(Boolean).join('. '),
      )}
    </Text>
  );
}
