'use client';

import type { ReactNode } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';

interface EntryFrameProps {
  title: ReactNode;
  /** What kind of entry it is, where it belongs, and when it was. */
  where: string;
  /** At the right end of the first line. */
  aside?: ReactNode;
  children?: ReactNode;
}

/** An entry of the log: its heading, where and when it was, and what it tells. */
export function EntryFrame({ title, where, aside, children }: EntryFrameProps) {
  return (
    <Box as="li" borderTopWidth="1px" borderColor="rule" py="3">
      <Flex gap="4" wrap="wrap" align="baseline" justify="space-between">
        <Box minW="0">
          <Text textStyle="strong">{title}</Text>
          <Text textStyle="small" color="faint">
            {where}
          </Text>
        </Box>
        {aside}
      </Flex>
      {children}
    </Box>
  );
}
