'use client';

import type { ReactNode } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '../fields/action-button';

/** One line of a list, with what can be done to it. */
export interface ListLine {
  key: string;
  text: ReactNode;
  action: string;
  /** The action with its line, for who does not see it. */
  actionLabel: string;
  onAction: () => unknown;
}

interface LineListProps {
  lines: readonly ListLine[];
  /** Whether their order says something. */
  isOrdered?: boolean;
  testId: string;
}

/** Lines one under the other, each with one thing to do at its end. */
export function LineList({ lines, isOrdered = false, testId }: LineListProps) {
  return (
    <Box as={isOrdered ? 'ol' : 'ul'} listStyleType="none" m="0" p="0" data-testid={testId}>
      {lines.map(({ key, text, action, actionLabel, onAction }) => (
        <Flex
          as="li"
          key={key}
          justify="space-between"
          align="center"
          gap="4"
          borderTopWidth="1px"
          borderColor="rule"
        >
          <Text textStyle="small">{text}</Text>
          <ActionButton quiet aria-label={actionLabel} onClick={() => void onAction()}>
            {action}
          </ActionButton>
        </Flex>
      ))}
    </Box>
  );
}
