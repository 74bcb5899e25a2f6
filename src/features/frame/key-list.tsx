'use client';

import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { SHORTCUTS } from '@/ui/keys/registry';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.shortcuts;

/** The list of all single-key shortcuts, open from the first. */
export function KeyList({ onClose }: { onClose: () => void }) {
  return (
    <Dialog.Root
      open
      onOpenChange={({ open }) => !open && onClose()}
      placement="center"
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner px="4">
          <Dialog.Content
            bg="sheet"
            color="ink"
            p="6"
            borderWidth="2px"
            borderColor="ink"
            borderRadius="0"
            animation="none"
          >
            <Dialog.Title textStyle="title" mb="3">
              {WORDS.keys}
            </Dialog.Title>
            <Dialog.Body p="0">
              {Object.values(SHORTCUTS).map(({ key, shown, what }) => (
                <Flex key={key} gap="6" py="1.5" borderBottomWidth="1px" borderColor="rule">
                  <Box as="kbd" textStyle="strong" w="32" flexShrink="0">
                    {shown()}
                  </Box>
                  <Text textStyle="body">{what()}</Text>
                </Flex>
              ))}
            </Dialog.Body>
            <Dialog.ActionTrigger asChild>
              <ActionButton mt="4" alignSelf="flex-start">
                {WORDS.close}
              </ActionButton>
            </Dialog.ActionTrigger>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
