'use client';

import type { ReactNode } from 'react';
import { Collapsible, type BoxProps } from '@chakra-ui/react';
import { ChevronRight } from 'lucide-react';

interface DisclosureProps extends Pick<BoxProps, 'mt' | 'mb'> {
  title: ReactNode;
  children: ReactNode;
}

/** What few need, behind its title; made when it is first opened, and kept then. */
export function Disclosure({ title, children, ...place }: DisclosureProps) {
  return (
    <Collapsible.Root lazyMount {...place}>
      <Collapsible.Trigger
        display="flex"
        alignItems="center"
        gap="2"
        minH="target"
        py="2"
        textStyle="body"
        textAlign="left"
        cursor="pointer"
      >
        <Collapsible.Indicator
          flexShrink="0"
          transform="none"
          _open={{ transform: 'rotate(90deg)' }}
        >
          <ChevronRight size={20} aria-hidden />
        </Collapsible.Indicator>
        {title}
      </Collapsible.Trigger>
      <Collapsible.Content animation="none" overflow="visible">
        {children}
      </Collapsible.Content>
    </Collapsible.Root>
  );
}
