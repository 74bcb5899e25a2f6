'use client';

import { useEffect, useRef } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, Text, chakra } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { isTyping } from '@/ui/fields/is-typing';
import { BESIDE, WORKING_ORDER } from './day-rail';

const KEYS: readonly [string, string][] = [
  ...[...WORKING_ORDER, ...BESIDE].map((item) => [item.key, item.name] as [string, string]),
  ['n', 'New outing'],
  ['Space', 'Next step of the job on the bench'],
  ['u', 'One step of the job back'],
  ['c', 'Count a stroke or a pass'],
  ['Ctrl + Enter', 'Save the form or the choice'],
  ['?', 'This list'],
];

const Dialog = chakra('dialog');

/** Single-key shortcuts, and the list of them under `?`. */
export function Shortcuts({ outingId }: { outingId: string }) {
  const router = useRouter();
  const list = useRef<HTMLDialogElement>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) {
        document.querySelector<HTMLFormElement>('main form')?.requestSubmit();
        return;
      }
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      if (event.key === '?') list.current?.showModal();
      if (event.key === 'n') router.push('/outing/new');
      const item = [...WORKING_ORDER, ...BESIDE].find((one) => one.key === event.key);
      if (item) router.push(`/outing/${outingId}/${item.path}`);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [router, outingId]);
  return (
    <Dialog
      ref={list}
      aria-labelledby="shortcuts-title"
      bg="sheet"
      color="ink"
      p="6"
      m="auto"
      borderWidth="2px"
      borderColor="ink"
    >
      <Text as="h2" id="shortcuts-title" textStyle="title" mb="3">
        Keys
      </Text>
      {KEYS.map(([key, what]) => (
        <Flex key={key} gap="6" py="1.5" borderBottomWidth="1px" borderColor="rule" minW="320px">
          <Box as="kbd" textStyle="strong" w="32">
            {key}
          </Box>
          <Text textStyle="body">{what}</Text>
        </Flex>
      ))}
      <form method="dialog">
        <ActionButton type="submit" mt="4">
          Close
        </ActionButton>
      </form>
    </Dialog>
  );
}
