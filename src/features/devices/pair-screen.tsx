'use client';

import { useState } from 'react';
import { Box, Flex, Grid, Input, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldFrame } from '@/ui/fields/field-frame';
import { Part, Sheet } from '@/ui/frame/sheet';
import { devicesScreenWords } from '@/words/screens/devices';
import { TrustPart } from './trust-part';

const WORDS = devicesScreenWords.pairScreen;
const LOOK = {
  h: 'target',
  px: '3',
  bg: 'sheet',
  borderWidth: '1px',
  borderColor: 'edge',
  textStyle: 'body',
  maxLength: 40,
  autoComplete: 'off',
  _invalid: { borderColor: 'danger' },
} as const;

export interface PairScreenProps {
  code: string;
  /** Of a code that was scanned; empty where it is to be typed. */
  secret: string;
  name: string;
  /** Why the form came back. */
  no: keyof typeof WORDS.NO | undefined;
  fingerprint: string | undefined;
}

/** What a device sees that is not paired: a plain form, which also works before any script has come. */
export function PairScreen({ code, secret, name, no, fingerprint }: PairScreenProps) {
  const [typed, setTyped] = useState({ code, name });
  const problem = no && WORDS.NO[no];
  const isOfCode = no === 'wrong_code' || no === 'too_many';
  const isScanned = secret !== '' && !isOfCode;
  return (
    <Box as="main">
      <Sheet
        question={WORDS.title}
        answer={<Text textStyle="title">{isScanned ? WORDS.scanned : WORDS.answer}</Text>}
      >
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10">
          <Part title={WORDS.pair}>
            <form method="post" action="/pair">
              <Flex direction="column" gap="4" maxW="420px">
                {isScanned ? (
                  <input type="hidden" name="key" value={secret} />
                ) : (
                  <FieldFrame
                    label={WORDS.code}
                    hint={WORDS.codeHint}
                    problem={isOfCode ? problem : undefined}
                  >
                    <Input
                      name="code"
                      value={typed.code}
                      onChange={({ target }) => setTyped({ ...typed, code: target.value })}
                      autoCapitalize="characters"
                      spellCheck={false}
                      required
                      {...LOOK}
                    />
                  </FieldFrame>
                )}
                <FieldFrame
                  label={WORDS.name}
                  hint={WORDS.nameHint}
                  problem={isOfCode ? undefined : problem}
                >
                  <Input
                    name="name"
                    value={typed.name}
                    onChange={({ target }) => setTyped({ ...typed, name: target.value })}
                    required
                    {...LOOK}
                  />
                </FieldFrame>
                <ActionButton type="submit" alignSelf="flex-start">
                  {WORDS.pair}
                </ActionButton>
              </Flex>
            </form>
          </Part>
          {fingerprint && <TrustPart fingerprint={fingerprint} href="/pair/authority.crt" />}
        </Grid>
      </Sheet>
    </Box>
  );
}
