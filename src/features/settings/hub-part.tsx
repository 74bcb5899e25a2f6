'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { TextField } from '@/ui/fields/text-field';
import { Caution, Part } from '@/ui/frame/sheet';
import type { WireResult } from '@/formats/wire';
import { settingsScreenWords } from '@/words/screens/settings';
import { dayAndTime } from '@/words/times';
import { act } from '@/writes/act';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { stepNowAction } from './actions';
import { HubDecisions } from './hub-decisions';
import { HubHeld } from './hub-held';
import type { ShownHub } from './use-cases/link-hub';

const WORDS = settingsScreenWords.hub;

interface HubPartProps {
  hub: ShownHub | undefined;
  timeZone: string;
}

/** The hub over which several cabins keep one book: joined, in step since when, or what is wrong. */
export function HubPart({ hub, timeZone }: HubPartProps) {
  const [said, setSaid] = useState<string>();
  const acts = useAct();
  const { isBusy } = acts;
  const tell = async (
    what: string,
    action: (key: string) => Promise<WireResult<{ message: string } | null>>,
    message?: string,
  ) => {
    setSaid(undefined);
    const done = await acts.run(what, action);
    if (done !== undefined) setSaid(done?.message ?? message);
  };
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3">
        {WORDS.hint}
      </Text>
      {hub ? (
        <>
          <Text textStyle="body" overflowWrap="anywhere" data-testid="hub-state">
            {hub.agreedAt
              ? WORDS.inStep(hub.url, dayAndTime(hub.agreedAt, timeZone))
              : WORDS.joined(hub.url)}
          </Text>
          {hub.problem && <Caution>{WORDS.problem(hub.problem)}</Caution>}
          {hub.twinAt && <Caution>{WORDS.twin(dayAndTime(hub.twinAt, timeZone))}</Caution>}
          <HubHeld
            held={hub.held}
            timeZone={timeZone}
            isBusy={isBusy}
            onAnswer={(cabin, isAgreed) =>
              void tell(
                `hub-removals:${cabin}:${isAgreed}`,
                (key) => act('hub.removals', key, { cabin, isAgreed }),
                isAgreed ? WORDS.removedToo : WORDS.keptAll,
              )
            }
          />
          <HubDecisions
            decisions={hub.decisions}
            timeZone={timeZone}
            isBusy={isBusy}
            onSeen={(id) =>
              void tell(`hub-seen:${id}`, (key) => act('hub.seen', key, { id }), WORDS.seen)
            }
          />
          <Flex gap="3" mt="3" wrap="wrap">
            <ActionButton
              loading={isBusy}
              onClick={() => void tell('hub-step', () => stepNowAction())}
            >
              {WORDS.now}
            </ActionButton>
            <ActionButton
              quiet
              onClick={() => void tell('hub-leave', (key) => act('hub.leave', key, {}), WORDS.left)}
            >
              {WORDS.leave}
            </ActionButton>
          </Flex>
        </>
      ) : (
        <Join
          isBusy={isBusy}
          onJoin={(input) =>
            void tell(`hub:${JSON.stringify(input)}`, async (key) => {
              const joined = await act('hub.join', key, input);
              return joined.ok ? stepNowAction() : joined;
            })
          }
        />
      )}
      <Text textStyle="body" role="status">
        {said ?? ''}
      </Text>
      <ActNotice acts={acts} />
    </Part>
  );
}

interface JoinProps {
  isBusy: boolean;
  onJoin: (input: { url: string; token: string }) => void;
}

function Join({ isBusy, onJoin }: JoinProps) {
  const [url, setUrl] = useState('');
  const [token, setToken] = useState('');
  return (
    <Box
      as="form"
      onSubmit={(event) => {
        event.preventDefault();
        onJoin({ url, token });
      }}
    >
      <Flex direction="column" gap="3" maxW="480px">
        <TextField label={WORDS.address} hint={WORDS.addressHint} value={url} onChange={setUrl} />
        <TextField label={WORDS.token} value={token} onChange={setToken} />
        <ActionButton quiet type="submit" loading={isBusy} alignSelf="flex-start">
          {WORDS.join}
        </ActionButton>
        <Text textStyle="body" role="status">
          {isBusy ? WORDS.joining : ''}
        </Text>
      </Flex>
    </Box>
  );
}
