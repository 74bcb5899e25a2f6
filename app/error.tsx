'use client';

import { Box, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { Sheet } from '@/ui/frame/sheet';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.error;

export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <Box as="main">
      <Sheet
        question={WORDS.whatWentWrong}
        answer={<Text textStyle="title">{WORDS.screenFailed}</Text>}
      >
        <Text textStyle="body" mb="3">
          {WORDS.typedIsKept(error.message)}
        </Text>
        <ActionButton onClick={reset}>{WORDS.tryAgain}</ActionButton>
      </Sheet>
    </Box>
  );
}
