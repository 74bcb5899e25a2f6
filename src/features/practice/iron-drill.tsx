'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { useWords } from '@/ui/format/use-words';
import { seconds } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';
import { IronCanvas } from './iron-canvas';
import type { Answering } from './use-drill';
import { useIroning } from './use-ironing';
import type { Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.iron;
const FRAME = drillsScreenWords.drillFrame;

interface IronDrillProps {
  shown: Situations['iron'];
  answering: Answering;
  isMarked: boolean;
}

/** A ski under an iron that one moves; only the shine of the trail is seen, as at the bench. */
export function IronDrill({ shown, answering, isMarked }: IronDrillProps) {
  const { bench, kind } = shown;
  const { write } = useWords();
  const { hand, shown: now, restart } = useIroning(bench, isMarked || answering.isBusy);
  const { isDown, passS, spentS } = now;
  return (
    <Box>
      <Text textStyle="body" mb="1">
        {WORDS.bench(
          write.temperature(bench.wax.ironC, 0),
          `${bench.filmMicrometre} µm`,
          write.temperature(bench.roomC, 0),
          write.temperature(bench.ski.startC, 0),
        )}{' '}
        {WORDS.KIND[kind]}
      </Text>
      <Text textStyle="small" color="faint" mb="3" maxW="760px">
        {WORDS.how}
      </Text>
      <IronCanvas hand={hand} bench={bench} isStill={isMarked} />
      {!isMarked && (
        <Flex gap="5" wrap="wrap" mt="2" aria-live="off">
          <Text textStyle="strong" minW="130px" data-testid="iron-state">
            {isDown ? WORDS.onSki : WORDS.offSki}
          </Text>
          <Text textStyle="body" data-testid="iron-time">
            {WORDS.time(seconds(spentS))}
          </Text>
          <Text textStyle="body">{WORDS.pace(seconds(passS))}</Text>
        </Flex>
      )}
      {!isMarked && (
        <Flex gap="3" mt="4">
          <ActionButton
            loading={answering.isBusy}
            loadingText={FRAME.marking}
            onClick={() => spentS > 0 && void answering.answer({ strokes: hand.done() })}
          >
            {WORDS.done}
          </ActionButton>
          <ActionButton quiet onClick={restart}>
            {WORDS.again}
          </ActionButton>
        </Flex>
      )}
    </Box>
  );
}
