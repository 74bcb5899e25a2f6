'use client';

import type { DraftOf, ShelfProduct } from '@/core/model';
import { Box, Flex, SimpleGrid, Text, chakra } from '@chakra-ui/react';
import {
  ADDITIVES,
  APPLICATIONS,
  FORMS,
  LABEL_PREFERENCES,
  PRODUCT_ROLES,
  UNLABELLED_ROLES,
  type ProductRole,
} from '@/core/terms';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList } from '@/ui/fields/check-list';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { Meanwhile } from '@/ui/fields/meanwhile';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { Part } from '@/ui/frame/sheet';
import { Disclosure } from '@/ui/frame/disclosure';
import { BlockTest } from './block-guess';
import { fieldsWords } from '@/words/areas/fields';
import { termsWords } from '@/words/areas/terms';
import { shelfScreenWords } from '@/words/screens/shelf';
import { act } from '@/writes/act';

const WORDS = shelfScreenWords.productForm;

/** A product while it is typed; it always has a colour, so that the field shows one. */
export type ProductDraft = DraftOf<
  Omit<ShelfProduct, 'swatch'>,
  'labelLowC' | 'labelHighC' | 'applications'
> & { swatch: string };

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

/** Only what is given: an absent figure is left out, not sent as nothing. */
const given = (draft: ProductDraft): Record<string, unknown> =>
  Object.fromEntries(Object.entries(draft).filter(([, value]) => value !== undefined));

const resolver = lateResolver<ProductDraft>(async () => {
  const [{ withUsual }, { shelfProductSchema }, { validate }] = await Promise.all([
    import('@/formats/csv/products'),
    import('@/formats/schemas/product'),
    import('@/formats/schemas/validation'),
  ]);
  return (draft) => validate(shelfProductSchema, withUsual({ id: 'draft', ...given(draft) }));
});

interface ProductFormProps {
  start?: ProductDraft;
  isEdit: boolean;
  onDone: (isSaved: boolean) => void;
}

/** The form that puts a product on the shelf, or changes one that is there. */
export function ProductForm({ start, isEdit, onDone }: ProductFormProps) {
  const scales = useScales();
  const form = useDraftedForm(`product:${start?.id ?? 'new'}`, start ?? EMPTY, resolver);
  const { values: draft, set, bind, submit, problem, failure } = form;
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
      {...bind(field)}
    />
  );
  const end = (label: string, field: 'labelLowC' | 'labelHighC' | 'label2LowC' | 'label2HighC') => (
    <NumberField label={label} scale={scales.temperature} step={1} decimals={0} {...bind(field)} />
  );
  return (
    <Part title={start ? WORDS.change(start.name) : WORDS.putAProductOnThe} id="product-form">
      <SheetForm
        onSubmit={async () => {
          const done = await submit((values, { key, base }) =>
            act('product.save', key, { input: given(values), base: start && given(base) }),
          );
          if (done) onDone(true);
        }}
      >
        <Box mb="4">
          <ChoiceRow
            legend={WORDS.whatItIsFor}
            name="role"
            optionWidth="104px"
            {...bind('role')}
            options={optionsOf(PRODUCT_ROLES, termsWords.ROLE_WORDS)}
          />
        </Box>
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mb="4">
          <TextField label={WORDS.name} {...bind('name')} />
          {isLabelled && end(isGrip ? WORDS.newSnowColdEnd : WORDS.labelColdEnd, 'labelLowC')}
          {isLabelled && end(isGrip ? WORDS.newSnowWarmEnd : WORDS.labelWarmEnd, 'labelHighC')}
          {isGrip && <Box display={{ base: 'none', md: 'block' }} />}
          {isGrip && end(WORDS.oldSnowColdEnd, 'label2LowC')}
          {isGrip && end(WORDS.oldSnowWarmEnd, 'label2HighC')}
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
            legend={WORDS.form}
            name="form"
            value={draft.form}
            onChange={(next) => set({ form: next })}
            options={optionsOf(FORMS, termsWords.FORM_WORDS)}
          />
          <CheckList
            legend={WORDS.additives}
            options={ADDITIVES}
            words={termsWords.ADDITIVE_WORDS}
            checked={draft.additives}
            onChange={(additives) => set({ additives })}
          />
        </SimpleGrid>
        <Disclosure mb="4" title={WORDS.moreFields}>
          <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mt="2">
            {degrees(WORDS.ironTemperature, 'ironC', WORDS.estimatedFromLabel)}
            {degrees(WORDS.ironLimit, 'ironLimitC')}
            {degrees(WORDS.meltingPoint, 'meltingC', WORDS.estimatedFromIron)}
            <NumberField
              label={WORDS.dryingTime}
              hint={WORDS.emptyAsUsualForLiquids}
              scale={scales.minutes}
              step={1}
              decimals={1}
              startShown={5}
              {...bind('dryMin')}
            />
            <NumberField
              label={WORDS.container}
              scale={scales.grams}
              step={10}
              decimals={0}
              {...bind('containerG')}
            />
            <NumberField
              label={WORDS.priceOfAContainer}
              scale={scales.money}
              step={1}
              decimals={2}
              {...bind('price')}
            />
            <Box>
              <Text as="label" {...{ htmlFor: 'swatch' }} textStyle="small" fontWeight="650">
                {WORDS.colourOfYourBlock}
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
              label={WORDS.openedOn}
              type="date"
              value={draft.openedOn ?? ''}
              onChange={(openedOn) => set({ openedOn: openedOn || undefined })}
              problem={problem('openedOn')}
            />
            <CheckList
              legend={WORDS.putOnByNoneTicked}
              options={APPLICATIONS}
              words={termsWords.APPLICATION_WORDS}
              checked={draft.applications ?? []}
              onChange={(applications) =>
                set({ applications: applications.length > 0 ? applications : undefined })
              }
            />
          </SimpleGrid>
          <Box mt="4">
            <ChoiceRow
              legend={WORDS.theLabelPrefers}
              name="preference"
              optionWidth="100px"
              value={draft.preference ?? NO_PREFERENCE}
              onChange={(value) => set({ preference: value === NO_PREFERENCE ? undefined : value })}
              options={[
                { value: NO_PREFERENCE, label: WORDS.nothing },
                ...optionsOf(LABEL_PREFERENCES, termsWords.PREFERENCE_WORDS),
              ]}
            />
          </Box>
        </Disclosure>
        <Flex gap="4">
          <ActionButton type="submit">
            {start ? WORDS.saveTheChange : WORDS.putOnTheShelf}
          </ActionButton>
          {isEdit && (
            <ActionButton
              quiet
              onClick={() => {
                form.clear();
                onDone(false);
              }}
            >
              {WORDS.leaveItAsItWas}
            </ActionButton>
          )}
        </Flex>
        <Meanwhile {...form.clashes} names={fieldsWords.PRODUCT} />
        <FieldProblemText problem={failure} />
      </SheetForm>
    </Part>
  );
}
