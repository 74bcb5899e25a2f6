'use client';

import type { DraftOf, Outing, Skier } from '@/core/model';
import { Box, Flex, SimpleGrid } from '@chakra-ui/react';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SheetForm } from '@/ui/fields/sheet-form';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { useWrite } from '@/ui/fields/use-write';
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { pairsScreenWords } from '@/words/screens/pairs';
import { act } from '@/writes/act';

const WORDS = pairsScreenWords.addStarters;

type SkierDraft = DraftOf<Skier, 'weightKg'>;

const EMPTY: SkierDraft = { name: '' };
const USUAL_KG = 70;
const resolver = lateForm<SkierDraft>(() =>
  import('@/formats/schemas/starter').then(({ skierSchema }) => skierSchema),
);

interface AddStartersProps {
  outing: Outing;
  onAdded: (message: string, ids: string[]) => void;
}

/** Puts skiers on the list: one by name, or everybody who owns a pair for this. */
export function AddStarters({ outing, onAdded }: AddStartersProps) {
  const scales = useScales();
  const { bind, submit, failure } = useDraftedForm<SkierDraft>('starter', EMPTY, resolver);
  const { send, isBusy } = useWrite();
  const addOne = async () => {
    const done = await submit(({ name, weightKg }, { key }) =>
      act('starter.add', key, { outingId: outing.id, skier: { name, weightKg } }),
    );
    if (done) onAdded(WORDS.added(1), [done.id]);
  };
  const addAll = async () => {
    const done = await send(`owners:${outing.id}`, (key) =>
      act('starter.owners', key, { id: outing.id }),
    );
    if (!done) return;
    if (done.ok) onAdded(WORDS.added(done.value.added.length), done.value.added);
    else onAdded(done.error.message, []);
  };
  const type = termsWords.inSentence(termsWords.DISCIPLINE_WORDS[outing.discipline]);
  return (
    <Part title={WORDS.title}>
      <ActionButton loading={isBusy} onClick={() => void addAll()}>
        {WORDS.everybody(type)}
      </ActionButton>
      <SheetForm mt="5" onSubmit={addOne}>
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4" maxW="760px">
          <TextField label={WORDS.name} {...bind('name')} />
          <NumberField
            label={WORDS.weight}
            scale={scales.kilograms}
            step={1}
            decimals={0}
            startShown={USUAL_KG}
            {...bind('weightKg')}
          />
        </SimpleGrid>
        <Flex mt="3">
          <ActionButton quiet type="submit">
            {WORDS.add}
          </ActionButton>
        </Flex>
        <Box>
          <FieldProblemText problem={failure} />
        </Box>
      </SheetForm>
    </Part>
  );
}
