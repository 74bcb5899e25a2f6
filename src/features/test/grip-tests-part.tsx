'use client';

import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { GRIP_VERDICTS, rankedTries, type GripVerdict } from '@/core/grip';
import type { KeptGripTest } from '@/core/model';
import { lateForm } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SheetForm } from '@/ui/fields/sheet-form';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { termsWords } from '@/words/areas/terms';
import { testScreenWords } from '@/words/screens/test';
import { act } from '@/writes/act';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = testScreenWords.gripTests;

interface GripDraft {
  outingId: string;
  wax: string;
  layers: number | undefined;
  heldMarks: number | undefined;
  verdict: GripVerdict | undefined;
  tester: string;
}

const asTest = ({ tester, ...rest }: GripDraft) => ({
  ...rest,
  ...(tester.trim() ? { tester } : {}),
});

interface GripTestsPartProps {
  outingId: string;
  tests: readonly KeptGripTest[];
  /** Names of the grip waxes of the shelf. */
  waxes: readonly string[];
}

/** Tests of grip: what was tried on the marked hill, how far up it held, and which is best. */
export function GripTestsPart({ outingId, tests, waxes }: GripTestsPartProps) {
  const start: GripDraft = {
    outingId,
    wax: '',
    layers: 3,
    heldMarks: undefined,
    verdict: undefined,
    tester: '',
  };
  const { values, set, bind, submit, problem, failure } = useDraftedForm<GripDraft>(
    `grip-test:${outingId}`,
    start,
    resolver,
  );
  const count = { scale: useScales().count, step: 1, decimals: 0 };
  const acts = useAct();
  const ranked = rankedTries(tests);
  const best = ranked[0]?.verdict === 'holds' ? ranked[0] : undefined;
  const takeBack = (id: string) =>
    acts.write(
      'grip.mark',
      { id, isBack: false },
      { said: () => WORDS.takenBack, undo: () => ['grip.mark', { id, isBack: true }] },
    );
  return (
    <Part title={WORDS.title}>
      {tests.length > 0 && (
        <Text textStyle="strong" mb="2" data-testid="best-grip" aria-live="polite">
          {best ? WORDS.best(best.wax, best.heldMarks, best.layers) : WORDS.noneHolds}
        </Text>
      )}
      <ActNotice acts={acts} />
      {ranked.length > 0 && (
        <DataTable
          caption={WORDS.caption}
          columns={[
            { title: WORDS.wax },
            { title: WORDS.marks, isNumber: true },
            { title: WORDS.layers, isNumber: true },
            { title: WORDS.verdict },
            { title: WORDS.tester },
            { title: WORDS.actions },
          ]}
          rows={ranked.map(({ id, wax, heldMarks, layers, verdict, tester }) => ({
            key: id,
            cells: [
              wax,
              heldMarks,
              layers,
              termsWords.GRIP_VERDICT_WORDS[verdict],
              tester ?? '',
              <ActionButton
                key={id}
                plain
                aria-label={WORDS.remove(wax)}
                onClick={() => void takeBack(id)}
              >
                {WORDS.takeBack}
              </ActionButton>,
            ],
          }))}
        />
      )}
      <Text textStyle="small" color="faint" my="3">
        {WORDS.hint}
      </Text>
      <SheetForm
        maxW="720px"
        onSubmit={() => submit((draft, { key }) => act('grip.test', key, asTest(draft)))}
      >
        <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
          <TextField label={WORDS.wax} list={waxes} {...bind('wax')} />
          <TextField label={WORDS.tester} {...bind('tester')} />
          <NumberField label={WORDS.layers} {...count} {...bind('layers')} />
          <NumberField label={WORDS.marks} {...count} {...bind('heldMarks')} />
        </SimpleGrid>
        <Box my="4">
          <ChoiceRow
            legend={WORDS.verdict}
            name="verdict"
            options={optionsOf(GRIP_VERDICTS, termsWords.GRIP_VERDICT_WORDS)}
            value={values.verdict}
            onChange={(verdict) => set({ verdict })}
            problem={problem('verdict')}
            optionWidth="104px"
          />
        </Box>
        <FieldProblemText problem={failure} />
        <ActionButton type="submit">{WORDS.save}</ActionButton>
      </SheetForm>
    </Part>
  );
}

const resolver = lateForm<GripDraft>(
  () => import('@/formats/schemas/grip-test').then(({ gripTestSchema }) => gripTestSchema),
  asTest,
);
