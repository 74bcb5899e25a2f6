'use client';

import { chakra } from '@chakra-ui/react';

const Anchor = chakra('a');

/** A link that shows itself when it is reached by keyboard: past what stands on every screen. */
export function SkipLink({ to, children }: { to: string; children: string }) {
  return (
    <Anchor
      href={`#${to}`}
      className="no-print"
      position="absolute"
      left="2"
      top="-60px"
      zIndex="20"
      bg="sheet"
      color="ink"
      borderWidth="2px"
      borderColor="action"
      px="4"
      py="2"
      textStyle="strong"
      _focus={{ top: '2' }}
    >
      {children}
    </Anchor>
  );
}
