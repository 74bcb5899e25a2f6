'use client';

import { Box } from '@chakra-ui/react';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { pickScreenWords } from '@/words/screens/pick';
import { renderedRanking } from '@/words/rendered/choice';
import { WindowPart } from './how-part';
import { LossChart } from './loss-chart';
import { ByAirLine, RegretTable } from './regret-part';
import type { PickState } from './use-pick';
import { WhatIf } from './what-if';

const WORDS = pickScreenWords.pickScreen;

interface PickCostsProps {
  state: PickState;
  timeZone: string;
  /** The glide waxes, with their own colours. */
  products: readonly (PickState['answer']['products'][number] & ShownProduct)[];
}

/** Under the answer: what being wrong costs, and the whole shelf. */
export function PickCosts({ state, timeZone, products }: PickCostsProps) {
  const { write } = useWords();
  const { choice, taken, whatIf } = state.answer;
  if (!choice) return null;
  return (
    <>
      <Part title={WORDS.costOfWrong}>
        <LossChart result={choice} snow={choice.snow} products={products} />
        <ByAirLine choice={choice} />
        <Box mt="4">
          <RegretTable choice={choice} />
        </Box>
      </Part>
      <Part title={WORDS.whatIf}>
        <WhatIf {...whatIf} />
      </Part>
      {(choice.window ?? choice.blend) && (
        <Part title={WORDS.duringTimeOnSnow}>
          <WindowPart state={state} timeZone={timeZone} />
        </Part>
      )}
      <Part title={WORDS.theShelfByExpectedLoss}>
        <RankingList
          ranking={renderedRanking(choice.ranking, write)}
          products={products}
          takenId={taken?.id}
          onTake={(takenId) => state.form.set({ takenId })}
        />
      </Part>
    </>
  );
}
