import type { ReactNode } from 'react';
import { Box, Text } from '@chakra-ui/react';

/** Says why nothing can be saved, on every screen while it is so. */
export function StorageNotice({ message, children }: { message: string; children?: ReactNode }) {
  return (
    <Box
      role="alert"
      borderLeftWidth="6px"
      borderColor="danger"
      bg="sunk"
      px={{ base: '4', md: '8' }}
      py="3"
      data-testid="storage-notice"
    >
      <Text textStyle="strong">{message}</Text>
      {children}
    </Box>
  );
}
