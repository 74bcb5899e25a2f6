'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { HOUSE_LIMITS } from '@/core/wax';
import { NumberField } from '@/ui/fields/number-field';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { useScales } from '@/ui/fields/scales';
import { choiceWords } from '@/words/areas/choice';
import { pickScreenWords } from '@/words/screens/pick';
import { toldLines, toldRanking } from '@/words/told/choice';
import { useWords } from '@/ui/format/use-words';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { HowPart, WindowPart } from './how-part';
import { LossChart } from './loss-chart';
import { OutingFactsForm } from './outing-facts-form';
import { ByAirLine, RegretTable } from './regret-part';
import { PickAnswer, PickFacts } from './pick-answer';
import { SaveBar } from './save-bar';
import { SourceOfSnow } from './source-of-snow';
import { usePick, type PickGround } from './use-pick';
import { WhatIf } from './what-if';

const WORDS = pickScreenWords.pickScreen;

interface PickScreenProps extends PickGround {
  shelf: readonly ShownShelf[];
  serverNowMs: number;
}

type ShownShelf = PickGround['shelf'][number] & ShownProduct;

const QUESTION = WORDS.whichWax;
const MOST_OWN_K = HOUSE_LIMITS.ownMostC;

/** The Pick screen: one answer at the top, its reasons under it, the whole shelf last. */
export function PickScreen(props: PickScreenProps) {
  const { outing, reading, modelled, shelf } = props;
  if (!reading && !modelled) {
    return (
      <Sheet
        question={QUESTION}
        answer={<Text textStyle="title">{WORDS.measureTheSnowFirst}</Text>}
      >
        <Text textStyle="body" mb="2">
          {WORDS.aChoiceStandsOnA}
        </Text>
        <SheetLink href={`/outing/${outing.id}/snow`}>{WORDS.takeAReading}</SheetLink>
      </Sheet>
    );
  }
  if (shelf.every((one) => one.role !== 'glide')) {
    return (
      <Sheet question={QUESTION} answer={<Text textStyle="title">{WORDS.theShelfIsEmpty}</Text>}>
        <Text textStyle="body" mb="2">
          {WORDS.thereIsNothingToChoose}
        </Text>
        <SheetLink href={`/outing/${outing.id}/shelf`}>{WORDS.goToTheShelf}</SheetLink>
      </Sheet>
    );
  }
  return <Chooser {...props} />;
}

function Chooser(props: PickScreenProps) {
  const { outing, reading, shelf, serverNowMs } = props;
  const scales = useScales();
  const { say, write } = useWords();
  const state = usePick(props, serverNowMs);
  const { draft, set, problem } = state.form;
  const { choice, products, taken, whatIf } = state.answer;
  const { save } = state.saving;
  const path = `/outing/${outing.id}`;
  useShortcut('save', () => void save());
  return (
    <Sheet question={QUESTION} answer={<PickAnswer state={state} shelf={shelf} />}>
      <SaveBar state={state} path={path} />
      <PickFacts state={state} />
      {choice?.cautions.map((caution) => (
        <Caution key={caution.code}>{say(choiceWords.CAUTION, caution)}</Caution>
      ))}
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
    </Sheet>
  );
}
