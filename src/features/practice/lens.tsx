import { Box, Text } from '@chakra-ui/react';
import type { LensView } from '@/core/practice';
import { fixed } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';

const WORDS = drillsScreenWords.snow;

/** Grains on a ruled card under a lens; drawn from their shape and size. */
export function Lens({ view }: { view: LensView }) {
  const { sideMm, grains, bonds } = view;
  const lines = Array.from({ length: Math.ceil(sideMm) }, (_, i) => i);
  const hair = sideMm / 200;
  return (
    <Box w="260px" maxW="100%">
      <Text textStyle="small" fontWeight="650" mb="1">
        {WORDS.lens}
      </Text>
      <Box
        asChild
        w="100%"
        h="auto"
        display="block"
        bg="sheet"
        borderWidth="2px"
        borderColor="ink"
        borderRadius="full"
      >
        <svg viewBox={`0 0 ${sideMm} ${sideMm}`} role="img" aria-label={WORDS.lens}>
          <g stroke="var(--chakra-colors-rule)" strokeWidth={hair}>
            {lines.map((at) => (
              <path key={at} d={`M${at} 0V${sideMm}M0 ${at}H${sideMm}`} />
            ))}
          </g>
          <g stroke="var(--chakra-colors-ink)" strokeWidth={10 * hair} opacity="0.35">
            {bonds.map(([a, b]) => (
              <path
                key={`${a}-${b}`}
                d={`M${grains[a]!.xMm} ${grains[a]!.yMm}L${grains[b]!.xMm} ${grains[b]!.yMm}`}
              />
            ))}
          </g>
          <g
            fill="var(--chakra-colors-sunk)"
            fillOpacity="0.85"
            stroke="var(--chakra-colors-ink)"
            strokeWidth={1.6 * hair}
            strokeLinejoin="round"
          >
            {grains.map(({ xMm, yMm, points }) => (
              <polygon
                key={`${xMm}-${yMm}`}
                transform={`translate(${xMm} ${yMm})`}
                points={points.map(([x, y]) => `${x.toFixed(4)},${y.toFixed(4)}`).join(' ')}
              />
            ))}
          </g>
        </svg>
      </Box>
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.lensSide(`${fixed(sideMm, 1)} mm`)}
      </Text>
    </Box>
  );
}
