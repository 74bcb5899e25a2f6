'use client';

import { useState } from 'react';
import { Box, SimpleGrid, Text, chakra } from '@chakra-ui/react';
import { ADDITIVES, type Additive, type Form } from '@/core/terms';
import { glideProductSchema } from '@/formats/schemas/product';
import { validate } from '@/formats/schemas/validation';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useDraft } from '@/ui/fields/use-draft';
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

/** The form that puts a wax on the shelf. */
export function AddProduct() {
  const scales = useScales();
  const { draft: kept, write } = useDraft<ProductDraft>('product');
  const [unsaved, setUnsaved] = useState<ProductDraft>();
  const [isTried, setIsTried] = useState(false);
  const [failure, setFailure] = useState<string>();
  const draft = unsaved ?? kept ?? EMPTY;
  const problems = isTried ? problemsOf(draft) : {};

  const set = (change: Partial<ProductDraft>) => {
    const next = { ...draft, ...change };
    setUnsaved(next);
    write(next);
  };
  const toggle = (additive: Additive) =>
    set({
      additives: draft.additives.includes(additive)
        ? draft.additives.filter((one) => one !== additive)
        : [...draft.additives, additive],
    });
  const save = async () => {
    setIsTried(true);
    if (Object.keys(problemsOf(draft)).length > 0) return;
    const saved = await addProductAction(draft);
    setFailure(saved.ok ? undefined : saved.error.message);
    if (!saved.ok) return;
    write(undefined);
    setUnsaved(undefined);
    setIsTried(false);
  };
  return (
    <Part title="Put a wax on the shelf">
      <Box
        as="form"
        {...{ noValidate: true }}
        onSubmit={(event: React.FormEvent) => {
          event.preventDefault();
          void save();
        }}
      >
        <SimpleGrid columns={{ base: 1, md: 3 }} gap="4" mb="4">
          <TextField
            label="Name"
            value={draft.name}
            onChange={(name) => set({ name })}
            problem={problems.name}
          />
          <NumberField
            label="Label, cold end"
            scale={scales.temperature}
            step={1}
            decimals={0}
            value={draft.labelLowC}
            onChange={(labelLowC) => set({ labelLowC })}
            problem={problems.labelLowC}
          />
          <NumberField
            label="Label, warm end"
            scale={scales.temperature}
            step={1}
            decimals={0}
            value={draft.labelHighC}
            onChange={(labelHighC) => set({ labelHighC })}
            problem={problems.labelHighC}
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

function problemsOf(draft: ProductDraft): Record<string, string> {
  const checked = validate(glideProductSchema, { id: 'draft', ...draft });
  if (checked.ok) return {};
  return Object.fromEntries(checked.problems.map(({ field, message }) => [field, message]));
}
