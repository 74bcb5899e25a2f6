'use client';

import type { ReactNode } from 'react';
import { Flex } from '@chakra-ui/react';

/** Two taps within this are one. */
export const DOUBLE_TAP_MS = 400;

/** The one way on. */
export const LARGE_BUTTON = {
  minH: { base: '60px', md: '72px' },
  px: '6',
  flex: { base: '1 1 100%', sm: '0 1 auto' },
  minW: { sm: '300px' },
  h: 'auto',
  whiteSpace: 'normal',
  textStyle: 'title',
} as const;

/** The row of keys that stays under the thumb, above the rack. */
export function ThumbBar({ children }: { children: ReactNode }) {
  return (
    <Flex
      gap="3"
      wrap="wrap"
      mt="4"
      py="2"
      align="center"
      position="sticky"
      bottom={{ base: 'calc(57px + var(--rack-drawer, 0px))', md: 'var(--rack-height, 0px)' }}
      bg="paper"
      borderTopWidth="1px"
      borderColor="rule"
      zIndex="2"
    >
      {children}
    </Flex>
  );
}
