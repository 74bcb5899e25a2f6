'use client';

import type { DraftOf } from '@/core/model';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { HAS_EDGES, type Ski } from '@/core/ski';
import { BASE_TYPES, PURPOSES, SKI_TYPES } from '@/core/terms';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField, type FigureLook } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { Disclosure } from '@/ui/frame/disclosure';
import { fieldsWords } from '@/words/areas/fields';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { act } from '@/writes/act';

const WORDS = skisScreenWords.skiForm;

type SkiDraft = DraftOf<Ski, 'lengthCm' | 'waistMm'>;

const EMPTY: SkiDraft = {
  name: '',
  owner: '',
  type: 'skate',
  baseType: 'sintered',
  hasBrakes: false,
  purpose: 'training',
};

/** Only what is given: empty text and absent figures are left out. */
const given = (draft: SkiDraft): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(draft).filter(
      ([name, value]) => value !== undefined && (value !== '' || name === 'name'),
    ),
  );
const resolver = lateResolver<SkiDraft>(async () => {
  const [{ SKI_DEFAULTS, skiSchema }, { validate }] = await Promise.all([
    import('@/formats/schemas/ski'),
    import('@/formats/schemas/validation'),
  ]);
  return (draft) => validate(skiSchema, { id: 'draft', ...SKI_DEFAULTS, ...given(draft) });
});

type Figure = 'lengthCm' | 'waistMm' | 'flexKg' | 'grindMm' | 'baseBevelDeg' | 'sideBevelDeg';

/** The form that puts a pair or board on the rack, or changes one. */
export function SkiForm({ start, onDone }: { start?: Ski; onDone: (id: string) => void }) {
  const scales = useScales();
  const form = useDraftedForm<SkiDraft>(`ski:${start?.id ?? 'new'}`, start ?? EMPTY, resolver);
  const { values: draft, set, bind, submit, problem, failure } = form;
  const figure = (label: string, { field, ...look }: FigureLook & { field: Figure }) => (
    <NumberField label={label} {...look} {...bind(field)} />
  );
  const line = (
    label: string,
    field: 'name' | 'owner' | 'grindPattern' | 'groundOn' | 'note',
    type?: 'date',
  ) => (
    <TextField
      label={label}
      type={type}
      value={draft[field] ?? ''}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  return (
    <SheetForm
      onSubmit={async () => {
        const done = await submit((values, { key, base }) =>
          act('ski.save', key, { input: given(values), base: start && given(base) }),
        );
        if (done) onDone(done.id);
      }}
    >
      <Box mb="4">
        <ChoiceRow
          legend={WORDS.type}
          name="ski-type"
          optionWidth="112px"
          value={draft.type}
          onChange={(type) => set({ type, hasBrakes: type === 'alpine' })}
          options={optionsOf(SKI_TYPES, termsWords.SKI_TYPE_WORDS)}
        />
      </Box>
      <SimpleGrid minChildWidth="190px" gap="4" mb="4">
        {line(WORDS.nameOfThePair, 'name')}
        {line(WORDS.owner, 'owner')}
        {figure(WORDS.length, {
          field: 'lengthCm',
          scale: scales.centimetres,
          step: 1,
          decimals: 0,
          startShown: 190,
        })}
        {figure(WORDS.waist, {
          field: 'waistMm',
          scale: scales.millimetres,
          step: 1,
          decimals: 0,
          startShown: HAS_EDGES[draft.type] ? 68 : 44,
        })}
      </SimpleGrid>
      <SimpleGrid minChildWidth="260px" gap="4" mb="4">
        <ChoiceRow
          legend={WORDS.base}
          name="base-type"
          {...bind('baseType')}
          options={optionsOf(BASE_TYPES, termsWords.BASE_TYPE_WORDS)}
        />
        <ChoiceRow
          legend={WORDS.purpose}
          name="ski-purpose"
          {...bind('purpose')}
          options={optionsOf(PURPOSES, termsWords.PURPOSE_WORDS)}
        />
      </SimpleGrid>
      <Disclosure mb="4" title={WORDS.grindEdgesAndNote}>
        <SimpleGrid minChildWidth="190px" gap="4" mt="2">
          {figure(WORDS.grindWidth, {
            field: 'grindMm',
            scale: scales.millimetres,
            step: 0.1,
            decimals: 2,
            startShown: 0.5,
          })}
          {figure(WORDS.flexFor, {
            field: 'flexKg',
            scale: scales.kilograms,
            step: 1,
            decimals: 0,
            startShown: 70,
          })}
          {line(WORDS.pattern, 'grindPattern')}
          {line(WORDS.groundOn, 'groundOn', 'date')}
          {HAS_EDGES[draft.type] &&
            figure(WORDS.baseBevelLabel, {
              field: 'baseBevelDeg',
              scale: scales.degrees,
              step: 0.5,
              decimals: 1,
              startShown: 1,
            })}
          {HAS_EDGES[draft.type] &&
            figure(WORDS.sideBevelLabel, {
              field: 'sideBevelDeg',
              scale: scales.degrees,
              step: 0.5,
              decimals: 1,
              startShown: 2,
            })}
          {HAS_EDGES[draft.type] && (
            <ChoiceRow
              legend={WORDS.brakes}
              name="brakes"
              value={draft.hasBrakes ? 'yes' : 'no'}
              onChange={(value) => set({ hasBrakes: value === 'yes' })}
              options={[
                { value: 'yes', label: WORDS.brakes },
                { value: 'no', label: WORDS.none },
              ]}
            />
          )}
        </SimpleGrid>
        <Box mt="4" maxW="640px">
          {line(WORDS.note, 'note')}
        </Box>
      </Disclosure>
      <ActionButton type="submit" loading={form.isSaving} loadingText={WORDS.saving}>
        {start ? WORDS.saveTheChanges : WORDS.putOnTheRack}
      </ActionButton>
      <Meanwhile {...form.clashes} names={fieldsWords.SKI} />
      <FieldProblemText problem={failure} />
      <Text srOnly role="status">
        {form.isSaving ? WORDS.savingNow : ''}
      </Text>
    </SheetForm>
  );
}
