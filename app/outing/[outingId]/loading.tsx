import { Box, Text } from '@chakra-ui/react';
import { pagesScreenWords } from '@/words/screens/pages';

const WORDS = pagesScreenWords.outingLoading;

/** Under the frame while a screen is made: as tall as a screen, so that nothing jumps when it comes. */
export default function OutingLoading() {
  return (
    <Box px={{ base: '4', md: '8' }} py={{ base: '4', md: '6' }} minH="100vh" role="status">
      <Text textStyle="small" color="faint">
        {WORDS.loading}
      </Text>
    </Box>
  );
}
