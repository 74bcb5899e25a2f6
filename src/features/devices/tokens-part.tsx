'use client';

import type { DeviceRole } from '@/core/model';
import { useState, type ReactNode } from 'react';
import { Box, Code, Flex, Text } from '@chakra-ui/react';
import { NO_ANSWER } from '@/ui/fields/answer';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { TextField } from '@/ui/fields/text-field';
import { Part } from '@/ui/frame/sheet';
import { devicesScreenWords } from '@/words/screens/devices';
import { makeTokenAction } from './actions';

const WORDS = devicesScreenWords.tokens;
const roles = () => optionsOf<DeviceRole>(['works', 'looks'], devicesScreenWords.ROLE);

/** Tokens for scripts: made here, shown once, listed under it. */
export function TokensPart({ children }: { children: ReactNode }) {
  const [name, setName] = useState('');
  const [role, setRole] = useState<DeviceRole>('looks');
  const [token, setToken] = useState<string>();
  const [problem, setProblem] = useState<string>();
  const make = async () => {
    const done = await makeTokenAction({ name, role }).catch(() => NO_ANSWER);
    setProblem(done.ok ? undefined : done.error.message);
    if (!done.ok) return;
    setToken(done.value.token);
    setName('');
  };
  return (
    <>
      {children}
      <Part title={WORDS.new}>
        <Box
          as="form"
          maxW="480px"
          mb="6"
          onSubmit={(event) => {
            event.preventDefault();
            void make();
          }}
        >
          <Text textStyle="body" mb="3">
            {WORDS.hint}
          </Text>
          <Flex direction="column" gap="3">
            <TextField label={WORDS.name} value={name} onChange={setName} problem={problem} />
            <ChoiceRow
              legend={WORDS.mayDo}
              name="token-role"
              value={role}
              onChange={setRole}
              options={roles()}
            />
            <ActionButton quiet type="submit" alignSelf="flex-start">
              {WORDS.make}
            </ActionButton>
          </Flex>
          <Box role="status" mt="3">
            {token && (
              <>
                <Text textStyle="body">{WORDS.made}</Text>
                <Code aria-label={WORDS.token} overflowWrap="anywhere" data-testid="token">
                  {token}
                </Code>
              </>
            )}
          </Box>
        </Box>
      </Part>
    </>
  );
}
