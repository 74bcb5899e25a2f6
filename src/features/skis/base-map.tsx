'use client';

import { useRef } from 'react';
import { Box, chakra } from '@chakra-ui/react';
import { BASE_SIDES, type BaseSide } from '@/core/terms';
import type { Finding, Ski } from '@/core/ski';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.baseMap;

const Svg = chakra('svg');
const HEIGHT = 190;
const LEFT = 20;
const TOP = 30;
const BAND = 40;

interface BaseMapProps {
  ski: Ski;
  findings: readonly Finding[];
  /** The place that is being marked. */
  place: { positionCm: number; side: BaseSide } | undefined;
  onPlace: (place: { positionCm: number; side: BaseSide }) => void;
}

/** Drawn once for wide screens and once, with larger marks, for narrow ones. */
const WIDTHS = [
  { width: 1000, display: { base: 'none', md: 'block' }, id: 'base-map' },
  { width: 460, display: { base: 'block', md: 'none' }, id: 'base-map-narrow' },
] as const;

const middleOf = (side: BaseSide) => TOP + BAND * (BASE_SIDES.indexOf(side) + 0.5);

/** The base from below, tip at the left: tap where something was seen. The fields beside it say the same by hand. */
export function BaseMap(props: BaseMapProps) {
  return WIDTHS.map(({ width, display, id }) => (
    <Box key={id} display={display} data-testid={id}>
      <Map {...props} width={width} />
    </Box>
  ));
}

function Map({ ski, findings, place, onPlace, width }: BaseMapProps & { width: number }) {
  const svg = useRef<SVGSVGElement>(null);
  const length = width - 2 * LEFT;
  const x = (positionCm: number) => LEFT + (length * positionCm) / ski.lengthCm;
  const tap = (event: React.MouseEvent) => {
    const frame = svg.current!.getBoundingClientRect();
    const atX = ((event.clientX - frame.left) / frame.width) * width;
    const atY = ((event.clientY - frame.top) / frame.height) * HEIGHT;
    const share = Math.min(1, Math.max(0, (atX - LEFT) / length));
    const band = Math.min(2, Math.max(0, Math.floor((atY - TOP) / BAND)));
    onPlace({ positionCm: Math.round(share * ski.lengthCm), side: BASE_SIDES[band]! });
  };
  const bottom = TOP + 3 * BAND;
  const marks = Array.from({ length: Math.floor(ski.lengthCm / 50) + 1 }, (_, i) => 50 * i);
  return (
    <Box>
      <Svg
        ref={svg}
        viewBox={`0 0 ${width} ${HEIGHT}`}
        w="100%"
        role="img"
        aria-label={WORDS.baseMapLabel(ski.name, findings.length)}
        color="ink"
        cursor="crosshair"
        onClick={tap}
        css={{ touchAction: 'manipulation' }}
      >
        <path
          d={`M${LEFT} ${(TOP + bottom) / 2} C${LEFT} ${TOP} ${LEFT + 30} ${TOP} ${LEFT + 70} ${TOP} H${width - LEFT - 20} Q${width - LEFT} ${TOP} ${width - LEFT} ${TOP + 20} V${bottom - 20} Q${width - LEFT} ${bottom} ${width - LEFT - 20} ${bottom} H${LEFT + 70} C${LEFT + 30} ${bottom} ${LEFT} ${bottom} ${LEFT} ${(TOP + bottom) / 2} Z`}
          fill="none"
          stroke="currentColor"
          strokeWidth="4"
        />
        {[1, 2].map((k) => (
          <line
            key={k}
            x1={LEFT + 12}
            x2={width - LEFT}
            y1={TOP + k * BAND}
            y2={TOP + k * BAND}
            stroke="currentColor"
            strokeDasharray="3 9"
          />
        ))}
        {marks.map((cm) => (
          <text
            key={cm}
            x={x(cm)}
            y={bottom + 28}
            fontSize="22"
            textAnchor="middle"
            fill="currentColor"
          >
            {cm}
          </text>
        ))}
        <text x={LEFT} y="20" fontSize="22" fill="currentColor">
          {WORDS.tip}
        </text>
        <text x={width - LEFT} y="20" fontSize="22" textAnchor="end" fill="currentColor">
          {WORDS.tailCm}
        </text>
        {findings.map((one, i) => (
          <g key={i} color="currentColor">
            <circle cx={x(one.positionCm)} cy={middleOf(one.side)} r="17" fill="currentColor" />
            <Box asChild color="paper">
              <text
                x={x(one.positionCm)}
                y={middleOf(one.side) + 7}
                fontSize="21"
                fontWeight="650"
                textAnchor="middle"
                fill="currentColor"
              >
                {termsWords.FINDING_MARKS[one.kind]}
              </text>
            </Box>
          </g>
        ))}
        {place && (
          <Box asChild color="danger">
            <circle
              cx={x(place.positionCm)}
              cy={middleOf(place.side)}
              r="22"
              fill="none"
              stroke="currentColor"
              strokeWidth="5"
            />
          </Box>
        )}
      </Svg>
    </Box>
  );
}
