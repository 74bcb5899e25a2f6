'use client';

import { useState, type ReactNode } from 'react';
import { Box } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';
import { Fold } from '@/ui/frame/fold';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.dayRail;

/** The screens beside the working order, where the rail is a bar at the bottom; a tap on one closes it. */
export function More({ isHere, children }: { isHere: boolean; children: ReactNode }) {
  const [isOpen, setIsOpen] = useState(false);
  return (
    <Fold
      open={isOpen}
      onOpenChange={setIsOpen}
      display={{ base: 'block', md: 'none' }}
      flex="1 0 48px"
      title={
        <>
          <Ellipsis size={22} aria-hidden />
          {WORDS.more}
        </>
      }
      button={{
        display: 'flex',
        flexDirection: 'column',
        alignItems: 'center',
        justifyContent: 'center',
        w: '100%',
        minH: '14',
        borderTopWidth: '4px',
        borderColor: isHere ? 'action' : 'transparent',
        textStyle: 'small',
      }}
    >
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
    </Fold>
  );
}
