'use client';

import { useEffect, useRef, useState } from 'react';
import dynamic from 'next/dynamic';
import { Box, Flex, Text } from '@chakra-ui/react';
import type { Drill } from '@/core/practice';
import { ActionButton, ActionLink } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { LongTextField } from '@/ui/fields/long-text-field';
import { room } from '@/ui/frame/after-page';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { drillsScreenWords } from '@/words/screens/drills';
import { practiceScreenWords } from '@/words/screens/practice';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { RenderedResult } from './drill-result';
import { useDrill, type Answering } from './use-drill';
import type { ItemRef, Situation } from './use-cases/situation';

/** Each drill brings its own tools. */
const place = room({ minH: '420px' });
const IronDrill = dynamic(() => import('./iron-drill').then((module) => module.IronDrill), {
  loading: place,
});
const OrderDrill = dynamic(() => import('./order-drill').then((module) => module.OrderDrill), {
  loading: place,
});
const PickDrill = dynamic(() => import('./pick-drill').then((module) => module.PickDrill), {
  loading: place,
});
const SeeDrill = dynamic(() => import('./see-drill').then((module) => module.SeeDrill), {
  loading: place,
});
const SnowDrill = dynamic(() => import('./snow-drill').then((module) => module.SnowDrill), {
  loading: place,
});
const TestDrill = dynamic(() => import('./test-drill').then((module) => module.TestDrill), {
  loading: place,
});

const WORDS = drillsScreenWords.drillFrame;
const question = (): Record<Drill, string> => ({
  iron: drillsScreenWords.iron.question,
  snow: drillsScreenWords.snow.question,
  pick: drillsScreenWords.pick.question,
  order: drillsScreenWords.order.question,
  see: drillsScreenWords.see.question,
  test: drillsScreenWords.test.question,
});

interface DrillScreenProps {
  item: ItemRef;
  situation: Situation;
  learnerId: string | undefined;
  /** Where the next situation is. */
  nextHref: string;
}

/** One situation: the question, what is seen of it, the answer; then what it was worth and why. */
export function DrillScreen({ item, situation, learnerId, nextHref }: DrillScreenProps) {
  const { rendered, problem, isBusy, begin, answer } = useDrill(item, learnerId);
  useEffect(begin, [begin]);
  const result = useRef<HTMLDivElement>(null);
  const isMarked = rendered !== undefined;
  useEffect(() => {
    if (isMarked) result.current?.focus();
  }, [isMarked]);
  return (
    <Box as="main">
      <Sheet
        question={`${practiceScreenWords.DRILL[item.drill]} · ${WORDS.madeUp}`}
        answer={<Text textStyle="title">{question()[item.drill]}</Text>}
      >
        <Input situation={situation} answering={{ answer, isBusy }} isMarked={isMarked} />
        <FieldProblemText problem={problem} />
        {rendered && (
          <Box ref={result} tabIndex={-1} outline="none" mt="6" data-testid="drill-result">
            <RenderedResult rendered={rendered} situation={situation} />
            <Text textStyle="small" color="faint" role="status">
              {rendered.isKept ? WORDS.kept : WORDS.notKept}
            </Text>
            <Flex gap="5" mt="4" wrap="wrap" align="center">
              {/* A whole load: what comes next depends on what was just kept. */}
              <ActionLink href={nextHref} data-testid="drill-next">
                {WORDS.next}
              </ActionLink>
              <DisputePart item={item} learnerId={learnerId} />
            </Flex>
          </Box>
        )}
        <Box mt="6">
          <SheetLink href="/practice">{WORDS.stop}</SheetLink>
        </Box>
      </Sheet>
    </Box>
  );
}

interface InputProps {
  situation: Situation;
  answering: Answering;
  isMarked: boolean;
}

function Input({ situation, answering, isMarked }: InputProps) {
  const props = { answering, isMarked };
  switch (situation.drill) {
    case 'iron':
      return <IronDrill shown={situation.shown} {...props} />;
    case 'snow':
      return <SnowDrill shown={situation.shown} {...props} />;
    case 'pick':
      return <PickDrill shown={situation.shown} {...props} />;
    case 'order':
      return <OrderDrill shown={situation.shown} {...props} />;
    case 'see':
      return <SeeDrill shown={situation.shown} {...props} />;
    case 'test':
      return <TestDrill shown={situation.shown} {...props} />;
  }
}

/** “I would not sign this”: one tap, with words if one wants. */
function DisputePart({ item, learnerId }: Pick<DrillScreenProps, 'item' | 'learnerId'>) {
  const acts = useAct();
  const [isSent, setIsSent] = useState(false);
  const [words, setWords] = useState('');
  const [isOpen, setIsOpen] = useState(false);
  const dispute = async () => {
    const input = { ...item, learnerId, ...(words === '' ? {} : { words }) };
    await acts.write('practice.dispute', input, { settled: () => setIsSent(true) });
  };
  if (isSent) {
    return (
      <Text textStyle="body" role="status">
        {WORDS.disputed}
      </Text>
    );
  }
  if (!isOpen) {
    return (
      <ActionButton quiet onClick={() => setIsOpen(true)}>
        {WORDS.dispute}
      </ActionButton>
    );
  }
  return (
    <Box w="100%" maxW="560px">
      <LongTextField label={WORDS.disputeWhy} value={words} onChange={setWords} />
      <ActionButton quiet mt="2" loading={acts.isBusy} onClick={() => void dispute()}>
        {WORDS.disputeSend}
      </ActionButton>
      <ActNotice acts={acts} />
    </Box>
  );
}
