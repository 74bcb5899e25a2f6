import type { DeviceRole } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { NO_ANSWER } from '@/ui/fields/answer';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { devicesScreenWords } from '@/words/screens/devices';
import { roughSpan } from '@/words/times';
import { inviteAction } from './actions';
import type { PairTryLine } from './use-cases/load-devices';

const WORDS = devicesScreenWords.pairing;
const LIST = devicesScreenWords.list;
const JUST_NOW_MS = 60_000;

interface PairTriesProps {
  tries: readonly PairTryLine[];
  /** What a device that is let in may do. */
  role: DeviceRole;
  serverNowMs: number;
}

/** Who tried to pair in vain, each with a button that lets its next try in. */
export function PairTries({ tries, role, serverNowMs }: PairTriesProps) {
  const [said, setSaid] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const invite = async ({ from, name }: PairTryLine) => {
    const done = await inviteAction(from, role).catch(() => NO_ANSWER);
    setProblem(done.ok ? undefined : done.error.message);
    if (done.ok) setSaid(WORDS.invited(name));
  };
  const ago = (atMs: number) =>
    serverNowMs - atMs < JUST_NOW_MS ? LIST.now : LIST.ago(roughSpan(serverNowMs - atMs));
  return (
    <Box mt="4">
      <Text textStyle="strong">{WORDS.triesTitle}</Text>
      {tries.map((one) => (
        <Flex key={one.from} justify="space-between" align="center" gap="3" wrap="wrap">
          <Text textStyle="body" overflowWrap="anywhere" minW="0">
            {WORDS.tryLine(one.name, one.from, ago(one.atMs))}
          </Text>
          <ActionButton plain aria-label={WORDS.letInOf(one.name)} onClick={() => void invite(one)}>
            {WORDS.letIn}
          </ActionButton>
        </Flex>
      ))}
      <Text textStyle="body" role="status">
        {said ?? ''}
      </Text>
      <FieldProblemText problem={problem} />
    </Box>
  );
}
