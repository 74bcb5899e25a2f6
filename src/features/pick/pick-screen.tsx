'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { Shortcut } from '@/ui/keys/shortcut';
import { choiceWords } from '@/words/areas/choice';
import { pickScreenWords } from '@/words/screens/pick';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { Caution, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { PickAnswer, PickFacts } from './pick-answer';
import { SaveBar } from './save-bar';
import { usePick, type PickGround } from './use-pick';

/** What stands under the answer comes after it. */
const PickReasons = afterPage(
  () => import('./pick-reasons').then((module) => module.PickReasons),
  room({ minH: { base: '2200px', lg: '2170px' } }),
);
const PickCosts = afterPage(
  () => import('./pick-costs').then((module) => module.PickCosts),
  room({ minH: { base: '3200px', lg: '2170px' } }),
);

const WORDS = pickScreenWords.pickScreen;

interface PickScreenProps extends PickGround {
  shelf: readonly ShownShelf[];
  serverNowMs: number;
}

type ShownShelf = PickGround['shelf'][number] & ShownProduct;

const question = () => WORDS.whichWax;

/** The Pick screen: one answer at the top, its reasons under it, the whole shelf last. */
export function PickScreen(props: PickScreenProps) {
  const { outing, reading, modelled, shelf } = props;
  if (!reading && !modelled) {
    return (
      <Sheet
        question={question()}
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
      <Sheet question={question()} answer={<Text textStyle="title">{WORDS.theShelfIsEmpty}</Text>}>
        <Text textStyle="body" mb="2">
          {WORDS.shelfEmpty}
        </Text>
        <SheetLink href={`/outing/${outing.id}/shelf`}>{WORDS.goToTheShelf}</SheetLink>
      </Sheet>
    );
  }
  return <Chooser {...props} />;
}

function Chooser(props: PickScreenProps) {
  const { outing, reading, shelf, serverNowMs } = props;
  const { say } = useWords();
  const state = usePick(props, serverNowMs);
  const { choice, products } = state.answer;
  const { save } = state.saving;
  const path = `/outing/${outing.id}`;
  return (
    <Sheet question={question()} answer={<PickAnswer state={state} shelf={shelf} />}>
      <Shortcut name="save" act={() => void save()} />
      <SaveBar state={state} path={path} />
      <PickFacts state={state} />
      {choice?.cautions.map((caution) => (
        <Caution key={caution.code}>{say(choiceWords.CAUTION, caution)}</Caution>
      ))}
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <PickReasons {...{ state, outing, reading, path }} />
        </Box>
        <Box minW="0">
          <PickCosts state={state} timeZone={outing.venue.timeZone} products={products} />
        </Box>
      </Grid>
    </Sheet>
  );
}
