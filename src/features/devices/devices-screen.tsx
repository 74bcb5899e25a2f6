'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { devicesScreenWords } from '@/words/screens/devices';
import { DeviceList } from './device-list';
import { PairingPart } from './pairing-part';
import { TokensPart } from './tokens-part';
import { TrustPart } from './trust-part';
import type { DevicesData } from './use-cases/load-devices';

const WORDS = devicesScreenWords.devicesScreen;
const LIST = devicesScreenWords.list;
const TOKENS = devicesScreenWords.tokens;

/** Who may reach this server from beyond its machine: let in and turned away at the host computer. */
export function DevicesScreen({ data, serverNowMs }: { data: DevicesData; serverNowMs: number }) {
  const { devices, fingerprint, code, tries, isHost } = data;
  const paired = devices.filter(({ kind }) => kind === 'device');
  const tokens = devices.filter(({ kind }) => kind === 'token');
  const isOpen = fingerprint !== undefined;
  const answer = isOpen ? WORDS.count(paired.length) : WORDS.hereAlone;
  return (
    <Box as="main">
      <Sheet question={WORDS.title} answer={<Text textStyle="title">{answer}</Text>}>
        {!isOpen && (
          <Text textStyle="body" mb="6" maxW="640px">
            {WORDS.howToOpen}
          </Text>
        )}
        {!isHost && (
          <Text textStyle="body" mb="6">
            {WORDS.decidedAtHost}
          </Text>
        )}
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10">
          <Box minW="0">
            {isOpen && isHost && (
              <PairingPart
                code={code}
                tries={tries}
                paired={paired.length}
                serverNowMs={serverNowMs}
              />
            )}
            {(isOpen || paired.length > 0) && (
              <DeviceList
                title={LIST.title}
                devices={paired}
                canChange={isHost}
                serverNowMs={serverNowMs}
              />
            )}
          </Box>
          <Box minW="0">
            {isOpen && <TrustPart fingerprint={fingerprint} />}
            {isHost && (
              <TokensPart>
                {tokens.length > 0 && (
                  <DeviceList
                    title={TOKENS.title}
                    devices={tokens}
                    canChange
                    serverNowMs={serverNowMs}
                  />
                )}
              </TokensPart>
            )}
          </Box>
        </Grid>
        <SheetLink href="/">{WORDS.back}</SheetLink>
      </Sheet>
    </Box>
  );
}
