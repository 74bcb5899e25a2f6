'use client';

import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { HAS_EDGES, type Ski } from '@/core/ski';
import {
  BASE_TYPES,
  PURPOSES,
  SKI_TYPES,
  type BaseType,
  type Purpose,
  type SkiType,
} from '@/core/terms';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { SKI_DEFAULTS, skiSchema } from '@/formats/schemas/ski';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField, type Scale } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { BASE_TYPE_WORDS, PURPOSE_WORDS, SKI_TYPE_WORDS } from '@/ui/format/words';
import { saveSkiAction } from './actions';

interface SkiDraft {
  id?: string;
  name: string;
  owner: string;
  type: SkiType;
  lengthCm: number | undefined;
  waistMm: number | undefined;
  baseType: BaseType;
  grindMm?: number;
  grindPattern?: string;
  groundOn?: string;
  baseBevelDeg?: number;
  sideBevelDeg?: number;
  hasBrakes: boolean;
  purpose: Purpose;
  note?: string;
}

const EMPTY: SkiDraft = {
  name: '',
  owner: '',
  type: 'skate',
  lengthCm: undefined,
  waistMm: undefined,
  baseType: 'sintered',
  hasBrakes: false,
  purpose: 'training',
};

/** What the fields are called where two changes of them differ. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'Name of the pair',
  owner: 'Owner',
  type: 'Type',
  lengthCm: 'Length, cm',
  waistMm: 'Waist, mm',
  baseType: 'Base',
  grindMm: 'Grind, mm',
  grindPattern: 'Pattern',
  groundOn: 'Ground on',
  baseBevelDeg: 'Base bevel, °',
  sideBevelDeg: 'Side bevel, °',
  hasBrakes: 'Brakes',
  purpose: 'Purpose',
  note: 'Note',
};

/** Only what is given: empty text and absent figures are left out. */
const given = (draft: SkiDraft): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(draft).filter(
      ([name, value]) => value !== undefined && (value !== '' || name === 'name'),
    ),
  );
const resolver = resolverFrom<SkiDraft>((draft) =>
  validate(skiSchema, { id: 'draft', ...SKI_DEFAULTS, ...given(draft) }),
);

type Figure = 'lengthCm' | 'waistMm' | 'grindMm' | 'baseBevelDeg' | 'sideBevelDeg';

/** The form that puts a pair or board on the rack, or changes one. */
export function SkiForm({ start, onDone }: { start?: Ski; onDone: (id: string) => void }) {
  const scales = useScales();
  const form = useDraftedForm<SkiDraft>(`ski:${start?.id ?? 'new'}`, start ?? EMPTY, resolver);
  const { values: draft, set, submit, problem, failure } = form;
  const figure = (
    label: string,
    field: Figure,
    scale: Scale,
    step: number,
    decimals: number,
    from: number,
  ) => (
    <NumberField
      label={label}
      scale={scale}
      step={step}
      decimals={decimals}
      startShown={from}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
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
    <Box
      as="form"
      {...{ noValidate: true }}
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        void submit((values, { key, base }) =>
          saveSkiAction(key, given(values), start && given(base)),
        ).then((done) => done && onDone(done.id));
      }}
    >
      <Box mb="4">
        <ChoiceRow
          legend="Type"
          name="ski-type"
          optionWidth="112px"
          value={draft.type}
          onChange={(type) => set({ type, hasBrakes: type === 'alpine' })}
          options={SKI_TYPES.map((value) => ({ value, label: SKI_TYPE_WORDS[value] }))}
        />
      </Box>
      <SimpleGrid minChildWidth="190px" gap="4" mb="4">
        {line('Name of the pair', 'name')}
        {line('Owner', 'owner')}
        {figure('Length', 'lengthCm', scales.centimetres, 1, 0, 190)}
        {figure('Waist', 'waistMm', scales.millimetres, 1, 0, HAS_EDGES[draft.type] ? 68 : 44)}
      </SimpleGrid>
      <SimpleGrid minChildWidth="260px" gap="4" mb="4">
        <ChoiceRow
          legend="Base"
          name="base-type"
          value={draft.baseType}
          onChange={(baseType) => set({ baseType })}
          options={BASE_TYPES.map((value) => ({ value, label: BASE_TYPE_WORDS[value] }))}
        />
        <ChoiceRow
          legend="Purpose"
          name="ski-purpose"
          value={draft.purpose}
          onChange={(purpose) => set({ purpose })}
          options={PURPOSES.map((value) => ({ value, label: PURPOSE_WORDS[value] }))}
        />
      </SimpleGrid>
      <Box as="details" mb="4">
        <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
          Grind, edges and note
        </Box>
        <SimpleGrid minChildWidth="190px" gap="4" mt="2">
          {figure('Grind, width of its lines', 'grindMm', scales.millimetres, 0.1, 2, 0.5)}
          {line('Pattern', 'grindPattern')}
          {line('Ground on', 'groundOn', 'date')}
          {HAS_EDGES[draft.type] && figure('Base bevel', 'baseBevelDeg', scales.degrees, 0.5, 1, 1)}
          {HAS_EDGES[draft.type] && figure('Side bevel', 'sideBevelDeg', scales.degrees, 0.5, 1, 2)}
          {HAS_EDGES[draft.type] && (
            <ChoiceRow
              legend="Brakes"
              name="brakes"
              value={draft.hasBrakes ? 'yes' : 'no'}
              onChange={(value) => set({ hasBrakes: value === 'yes' })}
              options={[
                { value: 'yes', label: 'Brakes' },
                { value: 'no', label: 'None' },
              ]}
            />
          )}
        </SimpleGrid>
        <Box mt="4" maxW="640px">
          {line('Note', 'note')}
        </Box>
      </Box>
      <ActionButton type="submit" loading={form.isSaving} loadingText="Saving…">
        {start ? 'Save the changes' : 'Put on the rack'}
      </ActionButton>
      <Meanwhile {...form.clashes} nameOf={(field) => FIELD_WORDS[field] ?? field} />
      <FieldProblemText problem={failure} />
      <Text srOnly role="status">
        {form.isSaving ? 'Saving' : ''}
      </Text>
    </Box>
  );
}
