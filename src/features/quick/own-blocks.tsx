'use client';

import { useState } from 'react';
import { useRouter } from 'next/navigation';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { GLIDE_KINDS, rankOwn, type GlideKind, type QuickInput } from '@/core/quick';
import type { GlideProduct } from '@/core/wax';
import { outingAddress } from '@/formats/quick-address';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList } from '@/ui/fields/check-list';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { quickScreenWords } from '@/words/screens/quick';
import { probability, seconds, temperatureRange } from '@/words/quantities';
import { useAct } from '@/writes/use-act';

const WORDS = quickScreenWords.ownBlocks;
const KIND_WORDS = quickScreenWords.GLIDE_KIND;
const KINDS = Object.keys(GLIDE_KINDS) as GlideKind[];

type Block = Pick<GlideProduct, 'id' | 'name' | 'labelLowC' | 'labelHighC'>;

const asWax = (one: Block): GlideProduct => ({ ...one, additives: [], form: 'block' });

/** One's own blocks, typed or ticked, ranked for this snow at once; they may be kept on the shelf. */
export function OwnBlocks({ input, address }: { input: QuickInput; address: string }) {
  const router = useRouter();
  const units = useUnits();
  const [typed, setTyped] = useState<Block[]>([]);
  const [kinds, setKinds] = useState<GlideKind[]>([]);
  const acts = useAct();
  const range = (lowC: number, highC: number) => temperatureRange(lowC, highC, units);
  const ticked = kinds.map((kind): Block => {
    const { lowC, highC } = GLIDE_KINDS[kind];
    return { id: kind, name: KIND_WORDS[kind], labelLowC: lowC, labelHighC: highC };
  });
  const blocks = [...typed, ...ticked];
  const keep = async (): Promise<boolean> => {
    const rows = blocks.map(({ name, labelLowC, labelHighC }) => ({ name, labelLowC, labelHighC }));
    const done = await acts.write(
      'shelf.start',
      { blocks: rows },
      { said: ({ kept }) => (kept > 0 ? WORDS.kept(kept) : WORDS.haveAll) },
    );
    return done !== undefined;
  };
  // The blocks go along, and the snow with the address.
  const goOn = async (then: 'snow' | 'pick') => {
    if (blocks.length === 0 || (await keep())) router.push(outingAddress(address, then));
  };
  return (
    <Part title={WORDS.whatHaveYouGot}>
      <Text textStyle="body" mb="3">
        {WORDS.typeTheRanges}
      </Text>
      <NewBlock
        onAdd={({ name, labelLowC, labelHighC }) =>
          setTyped([
            ...typed,
            {
              id: `own-${typed.length}`,
              name: name || WORDS.unnamed(range(labelLowC, labelHighC)),
              labelLowC,
              labelHighC,
            },
          ])
        }
      />
      <Box mt="3">
        <CheckList
          legend={WORDS.usualKinds}
          options={KINDS}
          words={
            Object.fromEntries(
              KINDS.map((kind) => [
                kind,
                WORDS.kind(
                  KIND_WORDS[kind],
                  range(GLIDE_KINDS[kind].lowC, GLIDE_KINDS[kind].highC),
                ),
              ]),
            ) as Record<GlideKind, string>
          }
          checked={kinds}
          onChange={setKinds}
        />
      </Box>
      {blocks.length > 0 && (
        <Box mt="4">
          <RankedBlocks
            input={input}
            blocks={blocks}
            onRemove={(id) => {
              setTyped(typed.filter((one) => one.id !== id));
              setKinds(kinds.filter((kind) => kind !== id));
            }}
          />
        </Box>
      )}
      <Flex gap="3" mt="4" align="center" wrap="wrap">
        {blocks.length > 0 && (
          <ActionButton quiet loading={acts.isBusy} onClick={() => void keep()}>
            {WORDS.keepThese}
          </ActionButton>
        )}
        <ActionButton quiet onClick={() => void goOn('snow')}>
          {WORDS.makeAnOuting}
        </ActionButton>
        <ActionButton quiet onClick={() => void goOn('pick')}>
          {WORDS.putInTheLog}
        </ActionButton>
        <Text textStyle="small" role="status">
          {acts.notice?.message ?? acts.problem}
        </Text>
      </Flex>
    </Part>
  );
}

function RankedBlocks({
  input,
  blocks,
  onRemove,
}: {
  input: QuickInput;
  blocks: readonly Block[];
  onRemove: (id: string) => void;
}) {
  const units = useUnits();
  const { ranking } = rankOwn(input, blocks.map(asWax));
  const least = ranking[0]!.expectedLossSeconds;
  return (
    <DataTable
      caption={WORDS.ranked}
      columns={[
        { title: WORDS.block },
        { title: WORDS.label },
        { title: WORDS.costs, isNumber: true },
        { title: WORDS.best, isNumber: true },
        { title: '' },
      ]}
      rows={ranking.map((one, i) => {
        const block = blocks.find(({ id }) => id === one.id)!;
        return {
          key: one.id,
          cells: [
            <strong key="name">{one.name}</strong>,
            temperatureRange(block.labelLowC, block.labelHighC, units),
            i === 0 ? WORDS.theBest : WORDS.overTheBest(seconds(one.expectedLossSeconds - least)),
            probability(one.probabilityBest),
            <ActionButton
              key="remove"
              quiet
              aria-label={WORDS.remove(one.name)}
              onClick={() => onRemove(one.id)}
            >
              {WORDS.takeOut}
            </ActionButton>,
          ],
        };
      })}
    />
  );
}

/** One more block by the range on it. */
function NewBlock({ onAdd }: { onAdd: (block: Omit<Block, 'id'>) => void }) {
  const scales = useScales();
  const [name, setName] = useState('');
  const [lowC, setLowC] = useState<number>();
  const [highC, setHighC] = useState<number>();
  const [problem, setProblem] = useState<string>();
  const add = () => {
    if (lowC === undefined || highC === undefined || Number.isNaN(lowC + highC)) {
      setProblem(WORDS.rangeMissing);
      return;
    }
    if (lowC >= highC) {
      setProblem(WORDS.rangeWrong);
      return;
    }
    onAdd({ name: name.trim(), labelLowC: lowC, labelHighC: highC });
    setName('');
    setLowC(undefined);
    setHighC(undefined);
    setProblem(undefined);
  };
  return (
    <Box
      as="form"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        add();
      }}
      {...{ noValidate: true }}
    >
      <SimpleGrid columns={{ base: 1, sm: 3 }} gap="3">
        <NumberField
          label={WORDS.from}
          scale={scales.temperature}
          step={1}
          decimals={0}
          value={lowC}
          onChange={setLowC}
          startShown={scales.temperature.toShown(-10)}
        />
        <NumberField
          label={WORDS.to}
          scale={scales.temperature}
          step={1}
          decimals={0}
          value={highC}
          onChange={setHighC}
          startShown={scales.temperature.toShown(-4)}
        />
        <TextField label={WORDS.name} value={name} onChange={setName} />
      </SimpleGrid>
      <FieldProblemText problem={problem} />
      <ActionButton type="submit" quiet mt="2">
        {WORDS.addBlock}
      </ActionButton>
    </Box>
  );
}
