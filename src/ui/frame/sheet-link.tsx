import type { ReactNode } from 'react';
import { Link as ChakraLink } from '@chakra-ui/react';
import NextLink from 'next/link';

const LOOK = {
  color: 'action',
  textDecoration: 'underline',
  textUnderlineOffset: '3px',
  minH: 'target',
  display: 'inline-flex',
  alignItems: 'center',
  textStyle: 'body',
  whiteSpace: 'nowrap',
} as const;

interface SheetLinkProps {
  href: string;
  /** Its name to a reader, where the words on it are one of several alike; it begins with them. */
  label?: string;
  children: ReactNode;
}

/** A link inside a sheet, large enough for a thumb. */
export function SheetLink({ href, label, children }: SheetLinkProps) {
  return (
    <ChakraLink asChild {...LOOK}>
      <NextLink href={href} prefetch={false} aria-label={label}>
        {children}
      </NextLink>
    </ChakraLink>
  );
}

/** A link that hands out a file. */
export function FileLink({ href, children }: { href: string; children: ReactNode }) {
  return (
    <ChakraLink href={href} download {...LOOK}>
      {children}
    </ChakraLink>
  );
}
