'use client';

import { useRouter } from 'next/navigation';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { GLIDE_MEASURES, type GlideMeasure } from '@/core/glide';
import { lateResolver } from '@/formats/schemas/form-resolver';
import { ActionButton } from '@/ui/fields/action-button';
import { CheckList, Tick } from '@/ui/fields/check-list';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { LongTextField } from '@/ui/fields/long-text-field';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SelectField } from '@/ui/fields/select-field';
import { SheetForm } from '@/ui/fields/sheet-form';
import { TextField } from '@/ui/fields/text-field';
import { useDraftedForm } from '@/ui/fields/use-drafted-form';
import { testScreenWords } from '@/words/screens/test';
import { act } from '@/writes/act';

const WORDS = testScreenWords.newTest;

interface TestDraft {
  outingId: string;
  names: string;
  measure: GlideMeasure;
  dropM?: number;
  lengthM?: number;
  fromRest: boolean;
  tester: string;
  track: string;
  structure: string;
  /** Empty: none. */
  reference: string;
}

const linesOf = (names: string): string[] =>
  names
    .split('\n')
    .map((name) => name.trim())
    .filter(Boolean);

/** The lines with the ticked waxes in them and the others out; what was typed besides stays. */
function withWaxes(
  names: string,
  { waxes, checked }: { waxes: readonly string[]; checked: readonly string[] },
): string {
  const lines = linesOf(names);
  const kept = lines.filter((name) => !waxes.includes(name) || checked.includes(name));
  return [...kept, ...checked.filter((name) => !lines.includes(name))].join('\n');
}

/** What was typed, as a test. */
const asTest = ({
  names,
  dropM,
  lengthM,
  fromRest,
  tester,
  track,
  structure,
  reference,
  ...rest
}: TestDraft) => ({
  ...rest,
  skis: linesOf(names),
  ...(dropM === undefined && lengthM === undefined ? {} : { hill: { dropM, lengthM, fromRest } }),
  ...(tester.trim() ? { tester } : {}),
  ...(track.trim() ? { track } : {}),
  ...(structure.trim() ? { structure } : {}),
  // Taken off the list, it is no reference any more.
  ...(linesOf(names).includes(reference) ? { reference } : {}),
});

const FIELD_OF: Readonly<Record<string, keyof TestDraft>> = {
  'hill.dropM': 'dropM',
  'hill.lengthM': 'lengthM',
};

/** Problems of a test at the fields that they were typed into. */
const resolver = lateResolver<TestDraft>(async () => {
  const [{ newTestSchema }, { validate }] = await Promise.all([
    import('@/formats/schemas/glide'),
    import('@/formats/schemas/validation'),
  ]);
  return (draft) => {
    const checked = validate(newTestSchema, asTest(draft));
    if (checked.ok) return checked;
    const fieldOf = (field: string) =>
      FIELD_OF[field] ?? (field.startsWith('skis') ? 'names' : field);
    const problems = checked.problems.map((one) => ({ ...one, field: fieldOf(one.field) }));
    return { ok: false, problems };
  };
});

/** Sets a test up: what is compared, how it is measured, and on which hill. */
export function NewTest({ outingId, waxes }: { outingId: string; waxes: readonly string[] }) {
  const scales = useScales();
  const router = useRouter();
  const start: TestDraft = {
    outingId,
    names: '',
    measure: 'seconds',
    fromRest: true,
    tester: '',
    track: '',
    structure: '',
    reference: '',
  };
  const { values, set, bind, submit, failure } = useDraftedForm<TestDraft>(
    `glide-test:${outingId}`,
    start,
    resolver,
  );
  const skis = linesOf(values.names);
  const begin = async () => {
    const begun = await submit((draft, { key }) => act('glide.begin', key, asTest(draft)));
    if (begun) router.push(`/outing/${outingId}/test?test=${begun.id}`);
  };
  return (
    <SheetForm onSubmit={begin} maxW="720px">
      {waxes.length > 0 && (
        <Box mb="3">
          <CheckList
            legend={WORDS.waxes}
            options={waxes}
            words={Object.fromEntries(waxes.map((name) => [name, name]))}
            checked={waxes.filter((name) => skis.includes(name))}
            onChange={(checked) => set({ names: withWaxes(values.names, { waxes, checked }) })}
          />
          <Text textStyle="small" color="faint">
            {WORDS.waxesHint}
          </Text>
        </Box>
      )}
      <LongTextField label={WORDS.skis} rows={3} {...bind('names')} />
      {skis.length > 2 && (
        <Box mt="4" maxW="420px">
          <SelectField
            label={WORDS.reference}
            value={skis.includes(values.reference) ? values.reference : ''}
            options={[
              { value: '', label: WORDS.noReference },
              ...skis.map((ski) => ({ value: ski, label: ski })),
            ]}
            onChange={(reference) => set({ reference })}
          />
          <Text textStyle="small" color="faint">
            {WORDS.referenceHint}
          </Text>
        </Box>
      )}
      <Box my="4">
        <ChoiceRow
          legend={WORDS.measure}
          name="measure"
          options={optionsOf(GLIDE_MEASURES, WORDS.MEASURE)}
          value={values.measure}
          onChange={(measure) => set({ measure })}
          optionWidth="160px"
        />
      </Box>
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
        <NumberField
          label={WORDS.dropM}
          scale={scales.altitude}
          step={1}
          decimals={1}
          {...bind('dropM')}
        />
        <NumberField
          label={WORDS.lengthM}
          scale={scales.altitude}
          step={5}
          decimals={0}
          {...bind('lengthM')}
        />
        <TextField label={WORDS.tester} {...bind('tester')} />
        <TextField label={WORDS.track} {...bind('track')} />
        <TextField label={WORDS.structure} {...bind('structure')} />
      </SimpleGrid>
      <Tick
        label={WORDS.fromRest}
        checked={values.fromRest}
        onChange={(fromRest) => set({ fromRest })}
      />
      <Text textStyle="small" color="faint" mb="4">
        {WORDS.hillHint}
      </Text>
      <FieldProblemText problem={failure} />
      <ActionButton type="submit" minH="targetLarge">
        {WORDS.begin}
      </ActionButton>
    </SheetForm>
  );
}
