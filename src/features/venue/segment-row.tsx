'use client';

import { Box, SimpleGrid } from '@chakra-ui/react';
import type { Segment } from '@/core/model';
import { SURFACE_KINDS } from '@/core/snow/outlook';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { termsWords } from '@/words/areas/terms';
import { venueScreenWords } from '@/words/screens/venue';

const WORDS = venueScreenWords.courseEditor;

interface SegmentRowProps {
  segment: Segment;
  problem: (field: keyof Segment) => string | undefined;
  onChange: (change: Partial<Segment>) => void;
  onRemove: () => void;
}

/** One segment of the course. */
export function SegmentRow({ segment, problem, onChange, onRemove }: SegmentRowProps) {
  const scales = useScales();
  const figure = (
    field: 'lengthM' | 'altitudeM' | 'slopeDeg' | 'aspectDeg' | 'shadeFraction' | 'exposure',
  ) => ({
    value: segment[field],
    onChange: (value: number | undefined) => onChange({ [field]: value ?? NaN }),
    problem: problem(field),
  });
  return (
    <Box borderBottomWidth="1px" borderColor="rule" pb="4" mb="4">
      <SimpleGrid columns={{ base: 1, sm: 2, lg: 4 }} gap="3">
        <TextField
          label={WORDS.segmentTitle}
          value={segment.name}
          onChange={(name) => onChange({ name })}
          problem={problem('name')}
        />
        <NumberField
          label={WORDS.length}
          scale={scales.altitude}
          step={100}
          decimals={0}
          {...figure('lengthM')}
        />
        <NumberField
          label={WORDS.altitude}
          scale={scales.altitude}
          step={10}
          decimals={0}
          {...figure('altitudeM')}
        />
        <NumberField
          label={WORDS.slope}
          scale={scales.degrees}
          step={1}
          decimals={1}
          {...figure('slopeDeg')}
        />
        <NumberField
          label={WORDS.aspect0North90East}
          scale={scales.degrees}
          step={15}
          decimals={0}
          {...figure('aspectDeg')}
        />
        <NumberField
          label={WORDS.shade}
          scale={scales.humidity}
          step={10}
          decimals={0}
          {...figure('shadeFraction')}
        />
        <NumberField
          label={WORDS.windByTheStations}
          scale={scales.humidity}
          step={10}
          decimals={0}
          {...figure('exposure')}
        />
        <ChoiceRow
          legend={WORDS.surface}
          name="surface"
          optionWidth="96px"
          value={segment.surface}
          onChange={(surface) => onChange({ surface })}
          options={optionsOf(SURFACE_KINDS, termsWords.SURFACE_WORDS)}
        />
      </SimpleGrid>
      <ActionButton quiet mt="2" px="3" aria-label={WORDS.remove(segment.name)} onClick={onRemove}>
        {WORDS.deleteSegment}
      </ActionButton>
    </Box>
  );
}
