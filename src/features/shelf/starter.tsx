'use client';

import { useState } from 'react';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { GLIDE_KINDS, GRIP_KINDS, type GlideKind, type GripKindKey } from '@/core/quick';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList } from '@/ui/fields/check-list';
import { useUnits } from '@/ui/format/units-context';
import { Part } from '@/ui/frame/sheet';
import { quickScreenWords } from '@/words/screens/quick';
import { shelfScreenWords } from '@/words/screens/shelf';
import { temperatureRange } from '@/words/quantities';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = shelfScreenWords.starter;
const names = () => ({ ...quickScreenWords.GLIDE_KIND, ...quickScreenWords.GRIP_NAME });
const GLIDES = Object.keys(GLIDE_KINDS) as GlideKind[];
const GRIPS = Object.keys(GRIP_KINDS) as GripKindKey[];

const glideOf = (kind: GlideKind) => ({ ...GLIDE_KINDS[kind], role: 'glide', form: 'block' });
const gripOf = (kind: GripKindKey) => ({
  ...GRIP_KINDS[kind],
  form: GRIP_KINDS[kind].role === 'klister' ? 'tube' : 'stick',
});

/** For an empty shelf: a usual ladder of kinds in one tap; what one lacks is ticked off first. */
export function Starter({ hasGrip }: { hasGrip: boolean }) {
  const units = useUnits();
  const [glides, setGlides] = useState(GLIDES);
  const [grips, setGrips] = useState(hasGrip ? GRIPS : []);
  const acts = useAct();
  const named = <K extends GlideKind | GripKindKey>(
    kinds: readonly K[],
    of: (kind: K) => { lowC: number; highC: number },
  ) =>
    Object.fromEntries(
      kinds.map((kind) => {
        const { lowC, highC } = of(kind);
        return [kind, WORDS.kind(names()[kind], temperatureRange(lowC, highC, units))];
      }),
    ) as Record<K, string>;
  const keep = async () => {
    const rows = [
      ...glides.map((kind) => ({ kind, ...glideOf(kind) })),
      ...grips.map((kind) => ({ kind, ...gripOf(kind) })),
    ].map(({ kind, lowC, highC, role, form }) => ({
      name: WORDS.typical(names()[kind]),
      labelLowC: lowC,
      labelHighC: highC,
      role,
      form,
    }));
    await acts.write('shelf.start', { blocks: rows });
  };
  return (
    <Part title={WORDS.usualLadder}>
      <Text textStyle="body" mb="3">
        {WORDS.typicalRanges}
      </Text>
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
        <CheckList
          legend={WORDS.glide}
          options={GLIDES}
          words={named(GLIDES, glideOf)}
          checked={glides}
          onChange={setGlides}
        />
        <CheckList
          legend={WORDS.grip}
          options={GRIPS}
          words={named(GRIPS, gripOf)}
          checked={grips}
          onChange={setGrips}
        />
      </SimpleGrid>
      <Box mt="3">
        <ActionButton
          loading={acts.isBusy}
          disabled={glides.length + grips.length === 0}
          onClick={() => void keep()}
        >
          {WORDS.keepThese}
        </ActionButton>
      </Box>
      <ActNotice acts={acts} />
    </Part>
  );
}
