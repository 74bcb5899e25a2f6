'use client';

import { useState, type ReactNode } from 'react';
import { Box, Collapsible } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.dayRail;

/** The screens beside the working order, where the rail is a bar at the bottom; a tap on one closes it. */
export function More({ isHere, children }: { isHere: boolean; children: ReactNode }) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <Collapsible.Root
      open={isOpen}
      onOpenChange={({ open }) => setIsOpen(open)}
      display={{ base: 'block', md: 'none' }}
      flex="1 0 48px"
    >
      <Collapsible.Trigger
        display="flex"
        flexDirection="column"
        alignItems="center"
        justifyContent="center"
        w="100%"
        minH="14"
        cursor="pointer"
        borderTopWidth="4px"
        borderColor={isHere ? 'action' : 'transparent'}
        textStyle="small"
      >
        <Ellipsis size={22} aria-hidden />
        {WORDS.more}
      </Collapsible.Trigger>
      <Collapsible.Content animation="none" overflow="visible">
        <Box
          position="fixed"
          right="0"
          bottom="57px"
          bg="sunk"
          borderWidth="1px"
          borderColor="rule"
          minW="160px"
          py="2"
          onClick={() => setIsOpen(false)}
        >
          {children}
        </Box>
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
