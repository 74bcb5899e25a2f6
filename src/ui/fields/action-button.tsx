'use client';

import { Button, type ButtonProps } from '@chakra-ui/react';

const MAIN = { px: '5', bg: 'action', color: 'onAction', _hover: { bg: 'actionHover' } };
const QUIET = {
  px: '5',
  bg: 'transparent',
  color: 'ink',
  borderWidth: '1px',
  borderColor: 'edge',
  _hover: { bg: 'sunk' },
};
const PLAIN = {
  px: '1',
  bg: 'transparent',
  color: 'action',
  textStyle: 'body',
  textDecoration: 'underline',
  _hover: { bg: 'sunk' },
};

/**
 * The button of a sheet's main action, with `quiet` one of the others, with `plain` one in a row of a table. While it is `loading` it takes no press but
 * keeps the focus: a disabled button would drop it, and with it the place of who works by keyboard.
 */
export function ActionButton({
  quiet = false,
  plain = false,
  loading = false,
  loadingText,
  children,
  onClick,
  ...props
}: ButtonProps & { quiet?: boolean; plain?: boolean }) {
  const look = plain ? PLAIN : quiet ? QUIET : MAIN;
  return (
    <Button
      type="button"
      minH="target"
      textStyle="strong"
      borderRadius="l2"
      aria-busy={loading || undefined}
      aria-disabled={loading || undefined}
      onClick={(event) => {
        if (loading) event.preventDefault();
        else onClick?.(event);
      }}
      {...look}
      {...props}
    >
      {loading ? (loadingText ?? children) : children}
    </Button>
  );
}

/** A link with the look of the main action. It loads its page whole, and works before the page is awake. */
export function ActionLink({ children, ...props }: ButtonProps & { href: string }) {
  const { href, ...look } = props;
  return (
    <Button asChild minH="target" textStyle="strong" borderRadius="l2" {...MAIN} {...look}>
      <a href={href}>{children}</a>
    </Button>
  );
}
