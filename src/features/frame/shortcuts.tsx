'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Dialog, Flex, Portal, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { SHORTCUTS } from '@/ui/keys/registry';
import { useShortcut } from '@/ui/keys/use-shortcut';
import { BESIDE, hrefOf, WORKING_ORDER, type RailItem } from './rail-items';
import { words } from '@/words';

const WORDS = words.screens.frame.shortcuts;

const SCREENS = [...WORKING_ORDER, ...BESIDE];

/** Single-key shortcuts, and the list of them under `?`. */
export function Shortcuts({ outingId }: { outingId: string }) {
  const router = useRouter();
  const [isOpen, setIsOpen] = useState(false);
  useShortcut('help', () => setIsOpen(true));
  useShortcut('newOuting', () => router.push('/outing/new'));
  useShortcut('save', () => document.querySelector<HTMLFormElement>('main form')?.requestSubmit());
  return (
    <>
      {SCREENS.map((item) => (
        <ScreenKey key={item.path} item={item} outingId={outingId} />
      ))}
      <Dialog.Root
        open={isOpen}
        onOpenChange={({ open }) => setIsOpen(open)}
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
                      {shown}
                    </Box>
                    <Text textStyle="body">{what}</Text>
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
    </>
  );
}

/** The key of one screen. */
function ScreenKey({ item, outingId }: { item: RailItem; outingId: string }) {
  const router = useRouter();
  useShortcut(item.path, () => router.push(hrefOf(item, outingId)));
  return null;
}
