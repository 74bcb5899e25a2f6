import { Box, Flex, Text } from '@chakra-ui/react';
import { uiScreenWords } from '../../words/screens/ui';

const WORDS = uiScreenWords.notchGauge;

const NOTCHES = 10;

interface NotchGaugeProps {
  hardness: number;
  /** Height of the strip, px. */
  size?: number;
  withNumber?: boolean;
}

/** Hardness 0–100 as a bar filed with notches: the more notches, the harder. One ink, no hue. */
export function NotchGauge({ hardness, size = 28, withNumber = true }: NotchGaugeProps) {
  const filed = Math.round((hardness / 100) * NOTCHES);
  const step = size * 0.55;
  const width = NOTCHES * step + step;
  const depth = size * 0.62;
  // The bar's upper edge, cut by a V for every notch.
  const edge = Array.from({ length: filed }, (_, i) => {
    const x = step * (i + 0.5);
    return `L${x} 0 L${x + step * 0.35} ${depth} L${x + step * 0.7} 0`;
  }).join(' ');
  return (
    <Flex
      align="center"
      gap="2"
      display="inline-flex"
      role="img"
      aria-label={WORDS.hardnessOf100(Math.round(hardness))}
    >
      {withNumber && (
        <Text as="span" fontWeight="650" aria-hidden>
          {Math.round(hardness)}
        </Text>
      )}
      <Box as="span" display="block" lineHeight="0" aria-hidden>
        <svg width={width} height={size} viewBox={`0 0 ${width} ${size}`}>
          <path d={`M0 0 ${edge} L${width} 0 L${width} ${size} L0 ${size} Z`} fill="currentColor" />
        </svg>
      </Box>
    </Flex>
  );
}
