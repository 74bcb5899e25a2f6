'use client';

import type { DeviceRole } from '@/core/model';
import { useEffect, useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { NO_ANSWER } from '@/ui/fields/answer';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Part } from '@/ui/frame/sheet';
import { devicesScreenWords } from '@/words/screens/devices';
import { countdown } from '@/words/times';
import { wallMs } from '@/core/time';
import type { WireResult } from '@/formats/wire';
import { closeCodeAction, openCodeAction } from './actions';
import { PairTries } from './pair-tries';
import type { PairTryLine, ShownCode } from './use-cases/load-devices';

const WORDS = devicesScreenWords.pairing;
const roles = () => optionsOf<DeviceRole>(['works', 'looks'], devicesScreenWords.ROLE);
const HALF = 4;

interface PairingPartProps {
  code: ShownCode | undefined;
  tries: readonly PairTryLine[];
  /** How many devices are paired. */
  paired: number;
  serverNowMs: number;
}

/** Shows the code that lets one device in, until it is used or runs out. */
export function PairingPart({ code, tries, paired, serverNowMs }: PairingPartProps) {
  const [role, setRole] = useState<DeviceRole>('works');
  const [problem, setProblem] = useState<string>();
  const [before, setBefore] = useState(paired);
  const act = async (action: () => Promise<WireResult<null>>) => {
    setBefore(paired);
    const done = await action().catch(() => NO_ANSWER);
    setProblem(done.ok ? undefined : done.error.message);
  };
  const isStanding = code !== undefined;
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3">
        {WORDS.hint}
      </Text>
      {code ? (
        <Code code={code} serverNowMs={serverNowMs} />
      ) : (
        <ChoiceRow
          legend={WORDS.mayDo}
          name="role"
          value={role}
          onChange={setRole}
          options={roles()}
        />
      )}
      <Flex gap="3" mt="4" wrap="wrap">
        <ActionButton quiet={isStanding} onClick={() => void act(() => openCodeAction(role))}>
          {isStanding ? WORDS.another : WORDS.show}
        </ActionButton>
        {isStanding && (
          <ActionButton quiet onClick={() => void act(closeCodeAction)}>
            {WORDS.putAway}
          </ActionButton>
        )}
      </Flex>
      <Text textStyle="body" role="status">
        {paired > before ? WORDS.paired : ''}
      </Text>
      <FieldProblemText problem={problem} />
      {tries.length > 0 && <PairTries tries={tries} role={role} serverNowMs={serverNowMs} />}
    </Part>
  );
}

/** How long a moment of the server is away, counted on this device. */
function useLeftMs(endsMs: number, serverNowMs: number): number {
  const [shift] = useState(() => serverNowMs - wallMs());
  const [now, setNow] = useState(serverNowMs);
  useEffect(() => {
    const timer = setInterval(() => setNow(wallMs() + shift), 1000);
    return () => clearInterval(timer);
  }, [shift]);
  return endsMs - now;
}

function Code({ code, serverNowMs }: { code: ShownCode; serverNowMs: number }) {
  const leftMs = useLeftMs(code.endsMs, serverNowMs);
  const role = devicesScreenWords.ROLE[code.role];
  return (
    <Flex gap="6" wrap="wrap" align="flex-start">
      <Box
        role="img"
        aria-label={WORDS.qr}
        w="200px"
        h="200px"
        bg="white"
        css={{ '& svg': { width: '100%', height: '100%' } }}
        dangerouslySetInnerHTML={{ __html: code.qr }}
      />
      <Box minW="0">
        <Text textStyle="small" color="faint">
          {WORDS.code}
        </Text>
        <Text textStyle="hero" fontVariantNumeric="tabular-nums" data-testid="pair-code">
          {code.code.slice(0, HALF)}-{code.code.slice(HALF)}
        </Text>
        <Text textStyle="small" color="faint" mt="2">
          {WORDS.address}
        </Text>
        {code.addresses.map((address) => (
          <Text key={address} textStyle="body" overflowWrap="anywhere" data-testid="pair-address">
            {address}
          </Text>
        ))}
        <Text textStyle="body" mt="2">
          {leftMs > 0 ? WORDS.left(countdown(leftMs), role) : WORDS.over}
        </Text>
      </Box>
    </Flex>
  );
}
