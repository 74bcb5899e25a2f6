import { Box, Flex, Text } from '@chakra-ui/react';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { outboxScreenWords } from '@/words/screens/outbox';

const WORDS = outboxScreenWords.offline;

export const generateMetadata = () => ({ title: WORDS.title });
export const dynamic = 'force-dynamic';

/** What a device shows that has no connection and does not have the page. */
export default function OfflinePage() {
  return (
    <Box as="main">
      <Sheet question={WORDS.title} answer={<Text textStyle="title">{WORDS.answer}</Text>}>
        <Text textStyle="body" maxW="640px" mb="4">
          {WORDS.hint}
        </Text>
        <Flex gap="5" wrap="wrap">
          <SheetLink href="/quick">{WORDS.quick}</SheetLink>
          <SheetLink href="/outbox">{WORDS.waiting}</SheetLink>
          <SheetLink href="/">{WORDS.again}</SheetLink>
        </Flex>
      </Sheet>
    </Box>
  );
}
