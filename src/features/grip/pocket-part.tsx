'use client';

import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import type { GripFit } from '@/core/grip';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { Part } from '@/ui/frame/sheet';
import { PocketChart } from './pocket-chart';
import { FIT_WAYS, type FitWay, type GapDraft, type GripState } from './use-grip';

const WAY_WORDS: Record<FitWay, string> = {
  rule: 'Not measured',
  feeler: 'A feeler’s two ends',
  gaps: 'Gaps along the ski',
};
const STIFFNESS_WORDS = {
  too_soft: 'Too soft for this skier',
  right: 'Right for this skier',
  too_stiff: 'Too stiff for this skier',
} as const;

/** Where full weight closes the pocket, and what load does it. */
function closingWords(fit: GripFit, skierKg: number | undefined): string {
  if (!fit.closedAtFull || fit.closingShare === undefined) return '';
  const stretches = fit.closedAtFull.map(
    (one) => `${Math.round(one.startCm)} to ${Math.round(one.endCm)} cm`,
  );
  const share = `${Math.round(fit.closingShare * 100)} % of the weight`;
  const load = skierKg === undefined ? share : `${Math.round(fit.closingShare * skierKg)} kg`;
  const where =
    stretches.length === 0
      ? 'Full weight closes it nowhere; '
      : `Full weight closes it from ${stretches.join(' and ')}; `;
  return `${where}${load} close it all over. `;
}

/** The pocket under the foot: measured one way or another, and where the zone lies. */
export function PocketPart({ state }: { state: GripState }) {
  const scales = useScales();
  const { draft, fit, fitProblem, form, keep } = state;
  const { set, problem } = form;
  const cm = (
    label: string,
    field: 'skiLengthCm' | 'heelBehindPinCm' | 'backCm' | 'frontCm',
    hint?: string,
  ) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scales.centimetres}
      step={1}
      decimals={0}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  const kg = (label: string, field: 'skierKg' | 'measuredKg', hint: string) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scales.kilograms}
      step={1}
      decimals={0}
      startShown={70}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  return (
    <Part title="The pocket">
      <PocketChart fit={fit} gaps={draft.way === 'gaps' ? draft.gaps : []} />
      <Text textStyle="body" mt="2">
        {fit.stiffness && <strong>{STIFFNESS_WORDS[fit.stiffness]}. </strong>}
        {closingWords(fit, draft.skierKg)}
        {fit.roomLayers !== undefined && `Room for ${fit.roomLayers} stick layers. `}
        {fit.notes.join(' ')}
      </Text>
      <FieldProblemText problem={fitProblem} />
      <Flex direction="column" gap="4" mt="4">
        <ChoiceRow
          legend="How it was measured"
          name="fit-way"
          optionWidth="130px"
          value={draft.way}
          onChange={(way) => set({ way })}
          options={FIT_WAYS.map((value) => ({ value, label: WAY_WORDS[value] }))}
        />
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
          {cm('Length of the ski', 'skiLengthCm')}
          {draft.way === 'rule' &&
            cm(
              'Heel plate behind the binding pin',
              'heelBehindPinCm',
              'The zone goes as far ahead',
            )}
          {draft.way === 'feeler' && cm('Feeler stops behind at', 'backCm', 'From the heel plate')}
          {draft.way === 'feeler' && cm('Feeler stops ahead at', 'frontCm', 'From the heel plate')}
        </SimpleGrid>
        {draft.way === 'gaps' && (
          <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
            {kg('Weight of the skier', 'skierKg', 'With pack, as on the day')}
            {kg('Measured under', 'measuredKg', 'Empty: the skier stood on it')}
          </SimpleGrid>
        )}
        {draft.way === 'gaps' && <GapRows gaps={draft.gaps} onChange={(gaps) => set({ gaps })} />}
        <Flex gap="4">
          <ActionButton onClick={() => void keep()} disabled={fitProblem !== undefined}>
            Keep this fit
          </ActionButton>
        </Flex>
        <FieldProblemText problem={form.failure} />
      </Flex>
    </Part>
  );
}

function GapRows(props: { gaps: readonly GapDraft[]; onChange: (gaps: GapDraft[]) => void }) {
  const scales = useScales();
  const { gaps, onChange } = props;
  const change = (at: number, part: Partial<GapDraft>) =>
    onChange(gaps.map((gap, i) => (i === at ? { ...gap, ...part } : gap)));
  return (
    <Box>
      <Text textStyle="small" color="faint" mb="2">
        Feeler or paper under the ski on a flat board: at half weight both skis stand, at full
        weight one. Leave a place empty that you did not measure.
      </Text>
      {gaps.map((gap, i) => (
        <SimpleGrid key={i} columns={3} gap="2" mb="2">
          <NumberField
            label={`Place ${i + 1}`}
            scale={scales.centimetres}
            step={5}
            decimals={0}
            value={gap.positionCm}
            onChange={(positionCm) => change(i, { positionCm })}
          />
          <NumberField
            label="Half"
            scale={scales.millimetres}
            step={0.1}
            decimals={2}
            value={gap.halfMm}
            onChange={(halfMm) => change(i, { halfMm })}
          />
          <NumberField
            label="Full"
            scale={scales.millimetres}
            step={0.1}
            decimals={2}
            value={gap.fullMm}
            onChange={(fullMm) => change(i, { fullMm })}
          />
        </SimpleGrid>
      ))}
      <ActionButton
        quiet
        onClick={() =>
          onChange([
            ...gaps,
            {
              positionCm: (gaps.at(-1)?.positionCm ?? 0) + 5,
              halfMm: undefined,
              fullMm: undefined,
            },
          ])
        }
      >
        One more place
      </ActionButton>
    </Box>
  );
}
