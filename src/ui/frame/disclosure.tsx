'use client';

import type { ReactNode } from 'react';
import { Box, type BoxProps } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';
import { Fold } from './fold';

interface DisclosureProps extends Pick<BoxProps, 'mt' | 'mb'> {
  title: ReactNode;
  children: ReactNode;
}

const LOOK = {
  className: 'group',
  display: 'flex',
  alignItems: 'center',
  gap: '2',
  minH: 'target',
  py: '2',
  textStyle: 'body',
  textAlign: 'left',
} as const;

/** What few need, behind its title; made when it is first opened, and kept then. */
export function Disclosure({ title, children, ...place }: DisclosureProps) {
  const shown = (
    <>
      <Box flexShrink="0" _groupExpanded={{ transform: 'rotate(90deg)' }}>
        <ChevronRight size={20} aria-hidden />
      </Box>
      {title}
    </>
  );
  return (
    <Fold title={shown} button={LOOK} {...place}>
      {children}
    </Fold>
  );
}
