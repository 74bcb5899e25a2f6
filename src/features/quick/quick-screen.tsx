'use client';

import { useState } from 'react';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { QuickInput } from '@/core/quick';
import { outingAddress } from '@/formats/quick-address';
import { ActionButton } from '@/ui/fields/action-button';
import { behind } from '@/ui/fields/behind';
import { useUnits } from '@/ui/format/units-context';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { quickScreenWords } from '@/words/screens/quick';
import { FootLine, Headline, Particulars } from './quick-answer';
import { QuickInputs } from './quick-inputs';
import type { Answered } from './quick-lab';
import { shareText } from './share-text';
import { useQuick, type QuickState } from './use-quick';

/** One's own blocks and the job come after the answer. */
const OwnBlocks = afterPage(
  () => import('./own-blocks').then((module) => module.OwnBlocks),
  room({ minH: { base: '750px', lg: '462px' } }),
);
const QuickJob = afterPage(
  () => import('./quick-job').then((module) => module.QuickJob),
  room({ minH: { base: '1458px', lg: '1050px' } }),
);

const WORDS = quickScreenWords.quickScreen;

const COLUMN = { base: 'contents', lg: 'block' } as const;

interface QuickScreenProps {
  first: QuickInput;
  /** What it gives. */
  firstAnswer: Answered;
  /** The next outing, if there is any. */
  outing: { id: string; name: string } | undefined;
}

/** The quick answer: six inputs, and beside them what to look for; nothing is stored. */
export function QuickScreen({ first, firstAnswer, outing }: QuickScreenProps) {
  const state = useQuick(first, firstAnswer);
  const { answer, input } = state;
  return (
    <>
      <Doors outing={outing} address={state.address} />
      <Sheet
        question={WORDS.question}
        answer={
          <Box {...behind(state.isBehind)}>
            <Headline answer={answer} problem={state.problem} />
          </Box>
        }
      >
        {/* Two columns; on a phone one, with the particulars before one's own blocks. */}
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10">
          <Box display={COLUMN} minW="0" className="no-print">
            <Box order="1">
              <Part title={WORDS.theSnow}>
                <QuickInputs state={state} />
              </Part>
            </Box>
            <Box order="3">
              {input && state.address && <OwnBlocks input={input} address={state.address} />}
            </Box>
          </Box>
          <Box display={COLUMN} minW="0">
            {answer && input && (
              <>
                <Box order="2" mb="4" {...behind(state.isBehind)}>
                  <Particulars answer={answer} />
                  <Share state={state} />
                </Box>
                <Box order="4" {...behind(state.isBehind)}>
                  <QuickJob answer={answer} input={input} />
                </Box>
              </>
            )}
          </Box>
        </Grid>
      </Sheet>
      {answer && <FootLine answer={answer} />}
    </>
  );
}

/** The other door: the outing that comes next, or a first one. */
function Doors({
  outing,
  address,
}: Pick<QuickScreenProps, 'outing'> & Pick<QuickState, 'address'>) {
  return (
    <Flex
      as="nav"
      aria-label={WORDS.frostPick}
      className="no-print"
      bg="sunk"
      px={{ base: '4', md: '8' }}
      minH="target"
      align="center"
      justify="space-between"
      gap="4"
      wrap="wrap"
    >
      <Text textStyle="strong">{WORDS.frostPick}</Text>
      <Flex gap="5" wrap="wrap">
        {outing && (
          <SheetLink href={`/outing/${outing.id}/snow`}>{WORDS.toTheOuting(outing.name)}</SheetLink>
        )}
        <SheetLink href={address ? outingAddress(address, 'snow') : '/outing/new'}>
          {WORDS.startAnOuting}
        </SheetLink>
        <SheetLink href="/practice">{WORDS.practice}</SheetLink>
        <SheetLink href="/devices">{WORDS.devices}</SheetLink>
        <SheetLink href="/settings">{WORDS.settings}</SheetLink>
      </Flex>
    </Flex>
  );
}

/** Copy, link and print. */
function Share({ state: { answer, input, address } }: { state: QuickState }) {
  const units = useUnits();
  const [notice, setNotice] = useState<string>();
  if (!answer || !input || !address) return null;
  const copy = async (text: string, done: string) => {
    try {
      await navigator.clipboard.writeText(text);
      setNotice(done);
    } catch {
      setNotice(WORDS.notCopied);
    }
  };
  const link = () => new URL(address, window.location.href).href;
  return (
    <Flex gap="3" wrap="wrap" align="center" my="4" className="no-print">
      <ActionButton onClick={() => void copy(shareText(input, answer, units), WORDS.answerCopied)}>
        {WORDS.copyAnswer}
      </ActionButton>
      <ActionButton quiet onClick={() => void copy(link(), WORDS.linkCopied)}>
        {WORDS.copyLink}
      </ActionButton>
      <ActionButton quiet onClick={() => window.print()}>
        {WORDS.print}
      </ActionButton>
      <Text textStyle="small" role="status">
        {notice}
      </Text>
    </Flex>
  );
}
