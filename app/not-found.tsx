import { Box, Text } from '@chakra-ui/react';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.notFound;

export default function NotFound() {
  return (
    <Box as="main">
      <Sheet question={WORDS.whereIsIt} answer={<Text textStyle="title">{WORDS.notHere}</Text>}>
        <Text textStyle="body">{WORDS.notHereWhy}</Text>
        <SheetLink href="/">{WORDS.toTheNextOuting}</SheetLink>
      </Sheet>
    </Box>
  );
}
