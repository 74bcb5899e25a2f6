'use client';

import type { Starter, StarterPairs } from '@/core/model';
import { useState } from 'react';
import { Box, SimpleGrid } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SelectField } from '@/ui/fields/select-field';
import { TextField } from '@/ui/fields/text-field';
import { useWords } from '@/ui/format/use-words';
import { pairsScreenWords } from '@/words/screens/pairs';
import type { Acts } from '@/writes/use-act';

const WORDS = pairsScreenWords.starterRow;

const NONE = '';
const USUAL_KG = 70;

interface StarterFormProps {
  row: StarterPairs;
  acts: Acts;
}

/** What a person may change of a starter: the pair with its reason, what the skier would take, the weight. */
export function StarterForm({ row: { starter, skier, ranking }, acts }: StarterFormProps) {
  const { write } = useWords();
  const scales = useScales();
  const [why, setWhy] = useState(starter.why ?? '');
  const [weightKg, setWeightKg] = useState(skier.weightKg);
  const said = () => WORDS.saved(skier.name);
  const { id } = starter;
  const change = (changed: Partial<Starter>) =>
    acts.write(
      'starter.change',
      { id, change: { ...starter, ...changed } },
      { said, undo: ({ before }) => ['starter.change', { id, change: before }] },
    );
  const saveRest = async () => {
    if (why !== (starter.why ?? '')) await change({ why: why.trim() || undefined });
    if (weightKg === skier.weightKg) return;
    await acts.write('skier.change', { id: skier.id, weightKg: weightKg ?? null }, { said });
  };
  const pairs = ranking.map(({ skiId, skiName, points }) => ({
    value: skiId,
    label: WORDS.option(skiName, write.number(points, 1)),
  }));
  const names = ranking.map(({ skiId, skiName }) => ({ value: skiId, label: skiName }));
  return (
    <Box mt="2" mb="3" maxW="760px">
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <SelectField
          label={WORDS.pair(skier.name)}
          value={starter.skiId ?? NONE}
          options={[{ value: NONE, label: WORDS.asSuggested(ranking[0]?.skiName ?? '') }, ...pairs]}
          onChange={(skiId) => void change({ skiId: skiId || undefined })}
        />
        <SelectField
          label={WORDS.likes(skier.name)}
          value={starter.likesSkiId ?? NONE}
          options={[{ value: NONE, label: WORDS.noWish }, ...names]}
          onChange={(skiId) => void change({ likesSkiId: skiId || undefined })}
        />
        <TextField label={WORDS.whyThis(skier.name)} value={why} onChange={setWhy} />
        <NumberField
          label={WORDS.weight(skier.name)}
          scale={scales.kilograms}
          step={1}
          decimals={0}
          startShown={USUAL_KG}
          value={weightKg}
          onChange={setWeightKg}
        />
      </SimpleGrid>
      <ActionButton quiet mt="3" loading={acts.isBusy} onClick={() => void saveRest()}>
        {WORDS.saveWhy}
      </ActionButton>
    </Box>
  );
}
