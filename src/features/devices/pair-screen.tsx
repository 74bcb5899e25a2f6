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
  name: string;
  /** Why the form came back. */
  no: keyof typeof WORDS.NO | undefined;
  fingerprint: string | undefined;
}

/** What a device sees that is not paired: a plain form, which also works before any script has come. */
export function PairScreen({ code, name, no, fingerprint }: PairScreenProps) {
  const [typed, setTyped] = useState({ code, name });
  const problem = no && WORDS.NO[no];
  const isOfName = no === 'no_name';
  return (
    <Box as="main">
      <Sheet question={WORDS.title} answer={<Text textStyle="title">{WORDS.answer}</Text>}>
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10">
          <Part title={WORDS.pair}>
            <form method="post" action="/pair">
              <Flex direction="column" gap="4" maxW="420px">
                <FieldFrame
                  label={WORDS.code}
                  hint={WORDS.codeHint}
                  problem={isOfName ? undefined : problem}
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
                <FieldFrame
                  label={WORDS.name}
                  hint={WORDS.nameHint}
                  problem={isOfName ? problem : undefined}
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
