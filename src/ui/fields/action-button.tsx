'use client';

import { Button, type ButtonProps } from '@chakra-ui/react';

/**
 * The button of a sheet's main action, or with `quiet` one of the others. While it is `loading` it takes no press but
 * keeps the focus: a disabled button would drop it, and with it the place of who works by keyboard.
 */
export function ActionButton({
  quiet = false,
  loading = false,
  loadingText,
  children,
  onClick,
  ...props
}: ButtonProps & { quiet?: boolean }) {
  const look = quiet
    ? {
        bg: 'transparent',
        color: 'ink',
        borderWidth: '1px',
        borderColor: 'edge',
        _hover: { bg: 'sunk' },
      }
    : { bg: 'action', color: 'onAction', _hover: { bg: 'actionHover' } };
  return (
    <Button
      type="button"
      minH="target"
      px="5"
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
