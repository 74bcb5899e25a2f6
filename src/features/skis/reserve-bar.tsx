import { Box, Flex, Text } from '@chakra-ui/react';

const DUE = 0.3;

/** How full of wax a base is: a bar with the due line on it, and the figure in words. */
export function ReserveBar({ reserve, isLarge = false }: { reserve: number; isLarge?: boolean }) {
  const percent = Math.round(reserve * 100);
  return (
    <Flex align="center" gap="2" minW={isLarge ? '240px' : '130px'}>
      <Box
        position="relative"
        flex="1"
        h={isLarge ? '18px' : '10px'}
        borderWidth="1px"
        borderColor="edge"
        bg="sheet"
        aria-hidden
      >
        <Box h="100%" w={`${percent}%`} bg="ink" />
        <Box
          position="absolute"
          left={`${100 * DUE}%`}
          top="-3px"
          bottom="-3px"
          borderLeftWidth="2px"
          borderColor="danger"
        />
      </Box>
      <Text as="span" textStyle={isLarge ? 'title' : 'small'} whiteSpace="nowrap">
        {percent} %
      </Text>
    </Flex>
  );
}
