import type { ComponentProps } from 'react';
import { IconButton } from '@chakra-ui/react';
import { Ellipsis } from 'lucide-react';

/** The button that opens a menu of a row. */
export function MenuButton(props: ComponentProps<typeof IconButton>) {
  return (
    <IconButton
      variant="ghost"
      minW="target"
      minH="target"
      color="ink"
      _hover={{ bg: 'sunk' }}
      {...props}
    >
      <Ellipsis size={20} aria-hidden />
    </IconButton>
  );
}
