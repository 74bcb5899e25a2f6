'use client';

import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { leaveAfterPointer } from '@/ui/fields/leave-pointer';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.strokeCounter;

/** Counts strokes by tap or by the key c. */
export function StrokeCounter({ wanted }: { wanted: number }) {
  const [count, setCount] = useState(0);
  useShortcut('count', () => setCount((old) => old + 1));
  return (
    <Flex gap="4" align="center" my="4" wrap="wrap">
      <ActionButton
        quiet
        onClick={(event) => {
          leaveAfterPointer(event);
          setCount(count + 1);
        }}
        minH="targetLarge"
      >
        {WORDS.countAStroke}
      </ActionButton>
      <Text textStyle="title" role="status">
        {WORDS.of(count, wanted, count >= wanted ? WORDS.enough : '')}
      </Text>
      <ActionButton
        quiet
        onClick={(event) => {
          leaveAfterPointer(event);
          setCount(0);
        }}
      >
        {WORDS.reset}
      </ActionButton>
    </Flex>
  );
}
