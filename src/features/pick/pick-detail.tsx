'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { HOUSE_LIMITS } from '@/core/wax';
import type { Outing, Reading } from '@/core/model';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { useWords } from '@/ui/format/use-words';
import { Part } from '@/ui/frame/sheet';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { pickScreenWords } from '@/words/screens/pick';
import { toldLines, toldRanking } from '@/words/told/choice';
import { HowPart, WindowPart } from './how-part';
import { LossChart } from './loss-chart';
import { OutingFactsForm } from './outing-facts-form';
import { ByAirLine, RegretTable } from './regret-part';
import { SourceOfSnow } from './source-of-snow';
import type { PickState } from './use-pick';
import { WhatIf } from './what-if';

const WORDS = pickScreenWords.pickScreen;
const MOST_OWN_K = HOUSE_LIMITS.ownMostC;

interface PickDetailProps {
  state: PickState;
  outing: Outing;
  reading: Reading | undefined;
  /** The glide waxes, with their own colours. */
  products: readonly (PickState['answer']['products'][number] & ShownProduct)[];
  path: string;
}

/** What stands under the answer: how to put it on, why this temperature, what being wrong costs, and the shelf. */
export function PickDetail({ state, outing, reading, products, path }: PickDetailProps) {
  const scales = useScales();
  const { write } = useWords();
  const { draft, set, problem } = state.form;
  const { choice, taken, whatIf } = state.answer;
  return (
    <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
      <Box minW="0">
        <Part title={WORDS.howToPutItOn}>
          <HowPart state={state} settingsHref={`${path}/settings`} />
        </Part>
        <Part title={WORDS.whyThisTemperature}>
          <SourceOfSnow state={state} reading={reading} outing={outing} />
          {choice ? (
            <LedgerTable
              lines={toldLines(choice.lines, write)}
              equivalentTemperatureC={choice.equivalentTemperatureC}
            />
          ) : (
            <Text textStyle="body">{WORDS.mendTheMarkedFieldsTo}</Text>
          )}
          <Box mt="4" maxW="320px">
            <NumberField
              label={WORDS.yourOwnCorrection}
              hint={WORDS.addedToTheSumUp(write.difference(MOST_OWN_K, 0))}
              scale={scales.difference}
              step={0.5}
              value={draft.handCorrectionC}
              onChange={(handCorrectionC) => set({ handCorrectionC })}
              problem={problem('handCorrectionC')}
            />
          </Box>
        </Part>
        <Part title={WORDS.theOuting}>
          <OutingFactsForm
            facts={draft}
            timeZone={outing.venue.timeZone}
            problem={problem}
            onChange={set}
          />
        </Part>
      </Box>
      <Box minW="0">
        {choice && (
          <>
            <Part title={WORDS.whatBeingWrongWouldCost}>
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
              <Part title={WORDS.overTheTimeOnSnow}>
                <WindowPart state={state} timeZone={outing.venue.timeZone} />
              </Part>
            )}
            <Part title={WORDS.theShelfByExpectedLoss}>
              <RankingList
                ranking={toldRanking(choice.ranking, write)}
                products={products}
                takenId={taken?.id}
                onTake={(takenId) => set({ takenId })}
              />
            </Part>
          </>
        )}
      </Box>
    </Grid>
  );
}
