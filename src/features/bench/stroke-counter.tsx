'use client';

import { useEffect, useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { leaveAfterPointer } from '@/ui/fields/leave-pointer';
import { isTyping } from '@/ui/fields/is-typing';

/** Counts strokes by tap or by the key c. */
export function StrokeCounter({ wanted }: { wanted: number }) {
  const [count, setCount] = useState(0);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'c' && !event.ctrlKey && !event.metaKey && !isTyping(event.target))
        setCount((old) => old + 1);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
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
        Count a stroke
      </ActionButton>
      <Text textStyle="title" role="status">
        {count} of {wanted}
        {count >= wanted ? ', enough' : ''}
      </Text>
      <ActionButton
        quiet
        onClick={(event) => {
          leaveAfterPointer(event);
          setCount(0);
        }}
      >
        From 0
      </ActionButton>
    </Flex>
  );
}
