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
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { pairsScreenWords } from '@/words/screens/pairs';
import { act } from '@/writes/act';
import type { Acts } from '@/writes/use-act';

const WORDS = pairsScreenWords.addStarters;

type SkierDraft = DraftOf<Skier, 'weightKg'>;

const EMPTY: SkierDraft = { name: '' };
const USUAL_KG = 70;
const resolver = lateForm<SkierDraft>(() =>
  import('@/formats/schemas/starter').then(({ skierSchema }) => skierSchema),
);

interface AddStartersProps {
  outing: Outing;
  acts: Acts;
}

/** Puts skiers on the list: one by name, or everybody who owns a pair for this. */
export function AddStarters({ outing, acts }: AddStartersProps) {
  const scales = useScales();
  const { bind, submit, failure } = useDraftedForm<SkierDraft>('starter', EMPTY, resolver);
  const addOne = async () => {
    const done = await submit(({ name, weightKg }, { key }) =>
      act('starter.add', key, { outingId: outing.id, skier: { name, weightKg } }),
    );
    if (done) {
      acts.setNotice({
        message: WORDS.added(1),
        undo: { write: ['starter.off', { ids: [done.id] }] },
      });
    }
  };
  const addAll = () =>
    acts.write(
      'starter.owners',
      { id: outing.id },
      {
        said: ({ added }) => WORDS.added(added.length),
        undo: ({ added }) => (added.length > 0 ? ['starter.off', { ids: added }] : undefined),
      },
    );
  const type = termsWords.inSentence(termsWords.DISCIPLINE_WORDS[outing.discipline]);
  return (
    <Part title={WORDS.title}>
      <ActionButton loading={acts.isBusy} onClick={() => void addAll()}>
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
