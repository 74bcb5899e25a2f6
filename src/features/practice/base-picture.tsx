import { Box, Text } from '@chakra-ui/react';
import type { Finding, Ski } from '@/core/ski';
import type { FindingKind } from '@/core/terms';
import { drillsScreenWords } from '@/words/screens/drills';

const WORDS = drillsScreenWords.see;
const [WIDTH, HEIGHT] = [760, 96];
const EDGE = 5;
const SIDES = { left: 0.25, middle: 0.5, right: 0.75 } as const;
const HAIRS = 14;

/** The mark of a kind, about 0: drawn for this project, in one ink and the alarm's for rust. */
function markOf(kind: FindingKind) {
  const ink = { stroke: 'currentColor', fill: 'none', strokeWidth: 2 } as const;
  switch (kind) {
    case 'delamination':
      return <path d="M-34 0q34 -12 68 0q-34 7 -68 0z" fill="currentColor" />;
    case 'gouge':
      return (
        <path
          d="M-30 -6l9 3 8 -4 12 5 11 -3 16 6 -3 5 -13 -2 -10 5 -12 -4 -9 3z"
          fill="var(--chakra-colors-paper)"
          stroke="currentColor"
          strokeWidth="2"
        />
      );
    case 'unflat':
      return (
        <g {...ink}>
          <path d="M-46 -26v52" strokeWidth="5" />
          <path d="M-40 -14q10 14 0 28" strokeDasharray="3 4" />
        </g>
      );
    case 'burr':
      return <path d="M-30 0l6 -4 6 4 6 -5 6 5 6 -4 6 4 6 -5 6 5 6 -4" {...ink} strokeWidth={3} />;
    case 'rust':
      return (
        <g fill="var(--chakra-colors-danger)">
          {[-24, -13, -5, 6, 14, 25].map((x, i) => (
            <ellipse key={x} cx={x} cy={i % 2 === 0 ? -1 : 2} rx={4 - (i % 3)} ry="2" />
          ))}
        </g>
      );
    case 'burn':
      return (
        <rect x="-40" y="-9" width="80" height="18" rx="8" fill="currentColor" opacity="0.35" />
      );
    case 'dirt':
      return (
        <g fill="currentColor" opacity="0.7">
          {Array.from({ length: 22 }, (_, i) => (
            <circle key={i} cx={((i * 37) % 70) - 35} cy={((i * 23) % 26) - 13} r={1 + (i % 3)} />
          ))}
        </g>
      );
    case 'hairs':
      return (
        <g {...ink} strokeWidth={1.5}>
          {Array.from({ length: HAIRS }, (_, i) => (
            <path key={i} d={`M${i * 5 - 34} ${(i % 4) * 5 - 7}q4 -10 9 -${6 + (i % 3) * 3}`} />
          ))}
        </g>
      );
    case 'dry':
      return (
        <g stroke="currentColor" strokeWidth="1" opacity="0.55">
          {Array.from({ length: 16 }, (_, i) => (
            <path key={i} d={`M${i * 5 - 40} 12l12 -24`} />
          ))}
        </g>
      );
  }
}

/** Burr and rust sit on the edge, the others on the base. */
const isOnEdge = (kind: FindingKind) => kind === 'burr' || kind === 'rust';

/** A base seen from below with its marks, and what a closer look tells in words. */
export function BasePicture({ ski, findings }: { ski: Ski; findings: readonly Finding[] }) {
  const kind = findings[0]!.kind;
  const label = `${WORDS.picture}. ${WORDS.LOOK[kind]}`;
  return (
    <Box>
      <Box asChild maxW="100%" h="auto" display="block" color="ink">
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={label}>
          <path
            d={`M30 ${HEIGHT / 2}C30 14 90 8 130 10H${WIDTH - 20}V${HEIGHT - 10}H130C90 ${HEIGHT - 8} 30 ${HEIGHT - 14} 30 ${HEIGHT / 2}z`}
            fill="var(--chakra-colors-sunk)"
            stroke="currentColor"
            strokeWidth={EDGE}
          />
          {findings.map((one) => {
            const x = 40 + (one.positionCm / ski.lengthCm) * (WIDTH - 80);
            const y = isOnEdge(kind)
              ? one.side === 'right'
                ? HEIGHT - 11
                : 10
              : HEIGHT * SIDES[one.side];
            return (
              <g key={`${one.positionCm}-${one.side}`} transform={`translate(${x} ${y})`}>
                {markOf(kind)}
              </g>
            );
          })}
        </svg>
      </Box>
      <Text textStyle="body" mt="2">
        {WORDS.LOOK[kind]}
      </Text>
    </Box>
  );
}
