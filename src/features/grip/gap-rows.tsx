'use client';

import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { useFieldArray } from 'react-hook-form';
import { ActionButton } from '@/ui/fields/action-button';
import { NumberField, type Scale } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { gripScreenWords } from '@/words/screens/grip';
import type { GapDraft } from './fit-draft';
import type { GripState } from './use-grip';

const WORDS = gripScreenWords.pocketPart;

const STEP_CM = 5;

/** Gaps measured along the ski under half and full weight, place by place. */
export function GapRows({ form }: { form: GripState['form'] }) {
  const scales = useScales();
  const { gaps } = form.values;
  const rows = useFieldArray({ control: form.control, name: 'gaps' });
  const figure = (
    at: number,
    { field, label, scale }: { field: keyof GapDraft; label: string; scale: Scale },
  ) => (
    <NumberField
      label={label}
      scale={scale}
      step={field === 'positionCm' ? STEP_CM : 0.1}
      decimals={field === 'positionCm' ? 0 : 2}
      value={gaps[at]?.[field]}
      onChange={(value) => form.setPaths({ [`gaps.${at}.${field}`]: value })}
    />
  );
  const addPlace = () => {
    const positionCm = (gaps.at(-1)?.positionCm ?? 0) + STEP_CM;
    rows.append({ positionCm, halfMm: undefined, fullMm: undefined }, { shouldFocus: false });
    form.keep();
  };
  return (
    <Box>
      <Text textStyle="small" color="faint" mb="2">
        {WORDS.feelerHowTo}
      </Text>
      {rows.fields.map(({ id }, at) => (
        <SimpleGrid key={id} columns={3} gap="2" mb="2">
          {figure(at, {
            field: 'positionCm',
            label: WORDS.place(at + 1),
            scale: scales.centimetres,
          })}
          {figure(at, { field: 'halfMm', label: WORDS.half, scale: scales.millimetres })}
          {figure(at, { field: 'fullMm', label: WORDS.full, scale: scales.millimetres })}
        </SimpleGrid>
      ))}
      <ActionButton quiet onClick={addPlace}>
        {WORDS.oneMorePlace}
      </ActionButton>
    </Box>
  );
}
