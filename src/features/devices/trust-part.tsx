import { Box, Text } from '@chakra-ui/react';
import { Part } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { devicesScreenWords } from '@/words/screens/devices';

const WORDS = devicesScreenWords.trust;

interface TrustPartProps {
  fingerprint: string;
  /** Where the device itself downloads the certificate; at the host computer it is only compared. */
  href?: string;
}

/** How a device comes to trust this computer, and the fingerprint to compare before. */
export function TrustPart({ fingerprint, href }: TrustPartProps) {
  return (
    <Part title={WORDS.title}>
      <Text textStyle="body" mb="3" maxW="640px">
        {WORDS.why}
      </Text>
      <Text textStyle="small" color="faint">
        {WORDS.fingerprint}
      </Text>
      <Text
        textStyle="body"
        fontVariantNumeric="tabular-nums"
        overflowWrap="anywhere"
        data-testid="fingerprint"
      >
        {fingerprint.replaceAll(':', ' ')}
      </Text>
      {href && (
        <>
          <Text textStyle="body" my="2">
            {WORDS.compare}
          </Text>
          <FileLink href={href}>{WORDS.download}</FileLink>
          <Box as="dl" mt="2">
            {WORDS.steps.map(({ kind, how }) => (
              <Box key={kind} mb="3" maxW="640px">
                <Text as="dt" textStyle="strong">
                  {kind}
                </Text>
                <Text as="dd" textStyle="body">
                  {how}
                </Text>
              </Box>
            ))}
          </Box>
        </>
      )}
      <Text textStyle="small" color="faint" mt="3" maxW="640px">
        {WORDS.bounds}
      </Text>
    </Part>
  );
}
