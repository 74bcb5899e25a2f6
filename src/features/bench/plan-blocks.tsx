'use client';

import { Box, Text } from '@chakra-ui/react';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { benchScreenWords } from '@/words/screens/bench';
import { timeBeside } from '@/words/times';
import { visitInWords } from '@/words/rendered/visit';
import { productsOf, type BlockNow } from './block-now';

const WORDS = benchScreenWords.block;

const iso = (ms: number) => new Date(ms).toISOString();

interface PlanBlocksProps {
  blocks: readonly BlockNow[];
  path: string;
  timeZone: string;
  nowMs: number;
}

/** What each person works next by the plan, each block to be opened as one job. */
export function PlanBlocks({ blocks, path, timeZone, nowMs }: PlanBlocksProps) {
  const { write } = useWords();
  if (blocks.length === 0) return null;
  return (
    <Part title={WORDS.byThePlan}>
      {blocks.map((block) => (
        <Box key={block.person} borderTopWidth="1px" borderColor="rule" py="2">
          <SheetLink href={`${path}/bench?who=${encodeURIComponent(block.person)}`}>
            {WORDS.workThis(block.person)}
          </SheetLink>
          <Text textStyle="small">
            {WORDS.line(
              timeBeside(iso(block.startMs), iso(nowMs), timeZone),
              visitInWords(block.visit, { products: productsOf(block), write }),
              WORDS.pairs(block.pairs.length),
            )}
          </Text>
        </Box>
      ))}
    </Part>
  );
}
