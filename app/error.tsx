'use client';

import { Box, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { Sheet } from '@/ui/frame/sheet';

export default function ErrorPage({ error, reset }: { error: Error; reset: () => void }) {
  return (
    <Box as="main">
      <Sheet
        question="What went wrong?"
        answer={<Text textStyle="title">This screen could not be shown.</Text>}
      >
        <Text textStyle="body" mb="3">
          What you typed is kept on this device. {error.message}
        </Text>
        <ActionButton onClick={reset}>Try again</ActionButton>
      </Sheet>
    </Box>
  );
}
