'use client';

import { useId, useState, type ReactNode } from 'react';
import { Box, chakra, type BoxProps, type HTMLChakraProps } from '@chakra-ui/react';

interface FoldProps extends Omit<BoxProps, 'children' | 'title'> {
  /** What is pressed, and how it looks. */
  title: ReactNode;
  button?: HTMLChakraProps<'button'>;
  content?: BoxProps;
  /** Where the place itself decides whether it is open. */
  open?: boolean;
  onOpenChange?: (isOpen: boolean) => void;
  children: ReactNode;
}

/** A button that opens what is under it; made when it is first opened, and kept then. */
export function Fold(props: FoldProps) {
  const { title, button, content, open, onOpenChange, children, ...place } = props;
  const id = useId();
  const [isOwnOpen, setIsOwnOpen] = useState(false);
  const [wasOpen, setWasOpen] = useState(false);
  const isOpen = open ?? isOwnOpen;
  const toggle = () => {
    setWasOpen(true);
    setIsOwnOpen(!isOpen);
    onOpenChange?.(!isOpen);
  };
  return (
    <Box {...place}>
      <chakra.button
        type="button"
        aria-expanded={isOpen}
        aria-controls={wasOpen ? id : undefined}
        data-fold={isOpen ? 'open' : 'closed'}
        cursor="pointer"
        onClick={toggle}
        {...button}
      >
        {title}
      </chakra.button>
      {(wasOpen || isOpen) && (
        <Box id={id} hidden={!isOpen} {...content}>
          {children}
        </Box>
      )}
    </Box>
  );
}
