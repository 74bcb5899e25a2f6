'use client';

import { useEffect, useRef } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '../fields/action-button';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.undoNotice;

interface UndoNoticeProps {
  message: string;
  onUndo?: () => void;
  onClose: () => void;
}

/** Says what was just done, with the way back. Stays until closed: gloves are slow. */
export function UndoNotice({ message, onUndo, onClose }: UndoNoticeProps) {
  const notice = useRef<HTMLDivElement>(null);
  // What was pressed is often gone by now: who works by keyboard goes on here, with the way back.
  useEffect(() => notice.current?.focus(), [message]);
  return (
    <Flex
      ref={notice}
      tabIndex={-1}
      role="status"
      gap="3"
      align="center"
      wrap="wrap"
      bg="sunk"
      borderLeftWidth="4px"
      borderColor="action"
      px="3"
      py="2"
      mb="3"
    >
      <Text textStyle="body" flex="1">
        {message}
      </Text>
      {onUndo && (
        <ActionButton quiet onClick={onUndo}>
          {WORDS.undo}
        </ActionButton>
      )}
      <ActionButton quiet onClick={onClose}>
        {WORDS.close}
      </ActionButton>
    </Flex>
  );
}
