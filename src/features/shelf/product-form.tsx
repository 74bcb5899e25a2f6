'use client';

import { Box, Flex, SimpleGrid, Text, chakra } from '@chakra-ui/react';
import {
  ADDITIVES,
  APPLICATIONS,
  FORMS,
  LABEL_PREFERENCES,
  PRODUCT_ROLES,
  type Additive,
  type Application,
  type Form,
  type LabelPreference,
  type ProductRole,
} from '@/core/terms';
import { withUsual } from '@/formats/csv/products';
import { shelfProductSchema, UNLABELLED_ROLES } from '@/formats/schemas/shelf';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList } from '@/ui/fields/check-list';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import {
  ADDITIVE_WORDS,
  APPLICATION_WORDS,
  FORM_WORDS,
  PREFERENCE_WORDS,
  ROLE_WORDS,
} from '@/ui/format/words';
import { Part } from '@/ui/frame/sheet';
import { saveProductAction } from './actions';
import { BlockTest } from './block-test';

export interface ProductDraft {
  /** Absent for a new one. */
  id?: string;
  name: string;
  role: ProductRole;
  form: Form;
  labelLowC?: number;
  labelHighC?: number;
  label2LowC?: number;
  label2HighC?: number;
  additives: readonly Additive[];
  preference?: LabelPreference;
  ironC?: number;
  ironLimitC?: number;
  meltingC?: number;
  hardnessSd?: number;
  containerG?: number;
  price?: number;
  openedOn?: string;
  applications?: readonly Application[];
  swatch: string;
}

const EMPTY: ProductDraft = {
  name: '',
  role: 'glide',
  form: 'block',
  additives: [],
  swatch: '#9a9a9a',
};
const GRIP_ROLES: readonly ProductRole[] = ['grip_stick', 'klister', 'binder'];
const NO_PREFERENCE = 'any';
const Colour = chakra('input');

/** What the fields are called where two changes of them differ. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  name: 'Name',
  role: 'What it is for',
  form: 'Form',
  labelLowC: 'Label, cold end, °C',
  labelHighC: 'Label, warm end, °C',
  label2LowC: 'Old snow, cold end, °C',
  label2HighC: 'Old snow, warm end, °C',
  additives: 'Additives',
  preference: 'The label prefers',
  ironC: 'Iron temperature, °C',
  ironLimitC: 'Iron limit, °C',
  meltingC: 'Melting point, °C',
  containerG: 'Container, g',
  price: 'Price',
  openedOn: 'Opened on',
  applications: 'Put on by',
  swatch: 'Colour',
};

/** Only what is given: an absent figure is left out, not sent as nothing. */
const given = (draft: ProductDraft): Record<string, unknown> =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined));

const resolver = resolverFrom<ProductDraft>((draft) =>
  validate(shelfProductSchema, withUsual({ id: 'draft', ...given(draft) })),
);

interface ProductFormProps {
  start?: ProductDraft;
  isEdit: boolean;
  onDone: (isSaved: boolean) => void;
}

/** The form that puts a product on the shelf, or changes one that is there. */
export function ProductForm({ start, isEdit, onDone }: ProductFormProps) {
  const scales = useScales();
  const form = useDraftedForm(`product:${start?.id ?? 'new'}`, start ?? EMPTY, resolver);
  const { values: draft, set, submit, problem, failure } = form;
  const isLabelled = !UNLABELLED_ROLES.includes(draft.role);
  const isGrip = GRIP_ROLES.includes(draft.role);
  const degrees = (label: string, field: 'ironC' | 'ironLimitC' | 'meltingC', hint?: string) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scales.temperature}
      step={5}
      decimals={0}
      startShown={scales.temperature.toShown(115)}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  const end = (label: string, field: 'labelLowC' | 'labelHighC' | 'label2LowC' | 'label2HighC') => (
    <NumberField
      label={label}
      scale={scales.temperature}
      step={1}
      decimals={0}
      value={draft[field]}
      onChange={(value) => set({ [field]: value })}
      problem={problem(field)}
    />
  );
  return (
    <Part title={start ? `Change ${start.name}` : 'Put a product on the shelf'} id="product-form">
      <Box
        as="form"
        {...{ noValidate: true }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void submit((values, { key, base }) =>
            saveProductAction(key, given(values), start && given(base)),
          ).then((done) => done !== undefined && onDone(true));
        }}
      >
        <Box mb="4">
          <ChoiceRow
            legend="What it is for"
            name="role"
            optionWidth="104px"
            value={draft.role}
            onChange={(role) => set({ role })}
            options={PRODUCT_ROLES.map((value) => ({ value, label: ROLE_WORDS[value] }))}
          />
        </Box>
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mb="4">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            problem={problem('name')}
          />
          {isLabelled && end(isGrip ? 'New snow, cold end' : 'Label, cold end', 'labelLowC')}
          {isLabelled && end(isGrip ? 'New snow, warm end' : 'Label, warm end', 'labelHighC')}
          {isGrip && <Box display={{ base: 'none', md: 'block' }} />}
          {isGrip && end('Old snow, cold end', 'label2LowC')}
          {isGrip && end('Old snow, warm end', 'label2HighC')}
        </SimpleGrid>
        {draft.form === 'block' && isLabelled && (
          <BlockTest
            onTake={({ labelLowC, labelHighC, hardnessSd }) =>
              set({ labelLowC, labelHighC, hardnessSd })
            }
          />
        )}
        <SimpleGrid columns={{ base: 1, md: 2 }} gap="4" mb="4">
          <ChoiceRow
            legend="Form"
            name="form"
            value={draft.form}
            onChange={(next) => set({ form: next })}
            options={FORMS.map((value) => ({ value, label: FORM_WORDS[value] }))}
          />
          <CheckList
            legend="Additives"
            options={ADDITIVES}
            words={ADDITIVE_WORDS}
            checked={draft.additives}
            onChange={(additives) => set({ additives })}
          />
        </SimpleGrid>
        <Box as="details" mb="4">
          <Box as="summary" minH="target" cursor="pointer" textStyle="small" py="2">
            Iron, container, price and colour
          </Box>
          <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mt="2">
            {degrees('Iron temperature', 'ironC', 'Empty: estimated from the label')}
            {degrees('Iron limit', 'ironLimitC')}
            {degrees('Melting point', 'meltingC', 'Empty: estimated from the iron')}
            <NumberField
              label="Container"
              scale={scales.grams}
              step={10}
              decimals={0}
              value={draft.containerG}
              onChange={(containerG) => set({ containerG })}
              problem={problem('containerG')}
            />
            <NumberField
              label="Price of a container"
              scale={scales.money}
              step={1}
              decimals={2}
              value={draft.price}
              onChange={(price) => set({ price })}
              problem={problem('price')}
            />
            <Box>
              <Text as="label" {...{ htmlFor: 'swatch' }} textStyle="small" fontWeight="650">
                Colour of your block
              </Text>
              <Colour
                id="swatch"
                type="color"
                value={draft.swatch}
                onChange={(event) => set({ swatch: event.target.value })}
                display="block"
                mt="1"
                w="88px"
                h="target"
                cursor="pointer"
              />
            </Box>
          </SimpleGrid>
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4" mt="4">
            <TextField
              label="Opened on"
              type="date"
              value={draft.openedOn ?? ''}
              onChange={(openedOn) => set({ openedOn: openedOn || undefined })}
              problem={problem('openedOn')}
            />
            <CheckList
              legend="Put on by (none ticked: as its kind usually is)"
              options={APPLICATIONS}
              words={APPLICATION_WORDS}
              checked={draft.applications ?? []}
              onChange={(applications) =>
                set({ applications: applications.length > 0 ? applications : undefined })
              }
            />
          </SimpleGrid>
          <Box mt="4">
            <ChoiceRow
              legend="The label prefers"
              name="preference"
              optionWidth="100px"
              value={draft.preference ?? NO_PREFERENCE}
              onChange={(value) => set({ preference: value === NO_PREFERENCE ? undefined : value })}
              options={[
                { value: NO_PREFERENCE, label: 'Nothing' },
                ...LABEL_PREFERENCES.map((value) => ({ value, label: PREFERENCE_WORDS[value] })),
              ]}
            />
          </Box>
        </Box>
        <Flex gap="4">
          <ActionButton type="submit">
            {start ? 'Save the change' : 'Put on the shelf'}
          </ActionButton>
          {isEdit && (
            <ActionButton
              quiet
              onClick={() => {
                form.clear();
                onDone(false);
              }}
            >
              Leave it as it was
            </ActionButton>
          )}
        </Flex>
        <Meanwhile {...form.clashes} nameOf={(field) => FIELD_WORDS[field] ?? field} />
        <FieldProblemText problem={failure} />
      </Box>
    </Part>
  );
}
