'use client';

import { Box, SimpleGrid, Text, chakra } from '@chakra-ui/react';
import { ADDITIVES, type Additive, type Form } from '@/core/terms';
import { resolverFrom } from '@/formats/schemas/form-resolver';
import { glideProductSchema } from '@/formats/schemas/product';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { ADDITIVE_WORDS, FORM_WORDS } from '@/ui/format/words';
import { Part } from '@/ui/frame/sheet';
import { addProductAction } from './actions';

interface ProductDraft {
  name: string;
  labelLowC?: number;
  labelHighC?: number;
  form: Form;
  additives: Additive[];
}

const GLIDE_FORMS = ['block', 'powder', 'liquid', 'paste', 'roller_block'] as const;
const EMPTY: ProductDraft = { name: '', form: 'block', additives: [] };
const Checkbox = chakra('input');

const resolver = resolverFrom<ProductDraft>((draft) =>
  validate(glideProductSchema, { id: 'draft', ...draft }),
);

/** The form that puts a wax on the shelf. */
export function AddProduct() {
  const scales = useScales();
  const {
    values: draft,
    set,
    submit,
    problem,
    failure,
  } = useDraftedForm('product', EMPTY, resolver);
  const toggle = (additive: Additive) =>
    set({
      additives: draft.additives.includes(additive)
        ? draft.additives.filter((one) => one !== additive)
        : [...draft.additives, additive],
    });
  return (
    <Part title="Put a wax on the shelf">
      <Box
        as="form"
        {...{ noValidate: true }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void submit(addProductAction);
        }}
      >
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mb="4">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            problem={problem('name')}
          />
          <NumberField
            label="Label, cold end"
            scale={scales.temperature}
            step={1}
            decimals={0}
            value={draft.labelLowC}
            onChange={(labelLowC) => set({ labelLowC })}
            problem={problem('labelLowC')}
          />
          <NumberField
            label="Label, warm end"
            scale={scales.temperature}
            step={1}
            decimals={0}
            value={draft.labelHighC}
            onChange={(labelHighC) => set({ labelHighC })}
            problem={problem('labelHighC')}
          />
        </SimpleGrid>
        <SimpleGrid columns={{ base: 1, md: 2 }} gap="4" mb="4">
          <ChoiceRow
            legend="Form"
            name="form"
            value={draft.form as (typeof GLIDE_FORMS)[number]}
            onChange={(form) => set({ form })}
            options={GLIDE_FORMS.map((value) => ({ value, label: FORM_WORDS[value] }))}
          />
          <Box as="fieldset" border="0" p="0" m="0">
            <Box as="legend" textStyle="small" fontWeight="650">
              Additives
            </Box>
            {ADDITIVES.map((additive) => (
              <Text
                as="label"
                key={additive}
                display="inline-flex"
                alignItems="center"
                gap="2"
                mr="4"
                minH="target"
                textStyle="small"
              >
                <Checkbox
                  type="checkbox"
                  w="5"
                  h="5"
                  accentColor="action"
                  checked={draft.additives.includes(additive)}
                  onChange={() => toggle(additive)}
                />
                {ADDITIVE_WORDS[additive]}
              </Text>
            ))}
          </Box>
        </SimpleGrid>
        <ActionButton type="submit">Put on the shelf</ActionButton>
        <FieldProblemText problem={failure} />
      </Box>
    </Part>
  );
}
