import { Box } from '@chakra-ui/react';

/** The user's own colour of a block. Decoration only: the name stands beside it. */
export function Swatch({ color }: { color: string | null | undefined }) {
  if (!color) return null;
  return (
    <Box
      as="span"
      aria-hidden
      display="inline-block"
      w="4"
      h="4"
      borderWidth="1px"
      borderColor="edge"
      style={{ backgroundColor: color }}
    />
  );
}
