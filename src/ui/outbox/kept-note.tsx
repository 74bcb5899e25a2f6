import { Text } from '@chakra-ui/react';

/** What is said of a write that waits on this device. */
export const KeptNote = ({ text }: { text: string | undefined }) => (
  <Text textStyle="small" role="status" data-testid="kept-here">
    {text ?? ''}
  </Text>
);
