'use client';

import type { ReactNode } from 'react';
import { Box, Flex, Grid, SimpleGrid, Text } from '@chakra-ui/react';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { GRAINS, HAND_HARDNESSES, ORIGINS, WETNESSES } from '@/core/terms';
import { READING_SOURCES } from '@/core/model';
import { contradictionsOf } from '@/core/wax';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { KeptNote } from '@/ui/outbox/kept-note';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { Disclosure } from '@/ui/frame/disclosure';
import { Caution } from '@/ui/frame/sheet';
import { Figures, TemperatureKeys } from './reading-figures';

import type { PretendedSnow } from './instruments/stand-in-instruments';
import type { ReadingFormState } from './reading-draft';
import type { ReadingDraft } from './use-reading-form';
import { choiceWords } from '@/words/areas/choice';
import { termsWords } from '@/words/areas/terms';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.readingForm;

/** Measuring on a photo comes when the details are opened. */
const GrainPhoto = afterPage(
  () => import('./grain-photo').then((module) => module.GrainPhoto),
  room({ minH: '200px' }),
);

interface ReadingFormProps {
  form: ReadingFormState;
  timeZone: string;
  isCorrection: boolean;
  /** What the stand-in instruments pretend to be in. */
  pretended: PretendedSnow;
  /** What the values as typed would change. */
  changes: ReactNode;
  onSaved: (id: string) => void;
}

/** Everything a person sees and measures at the snow, thermometer first. */
export function ReadingForm(props: ReadingFormProps) {
  const { form, timeZone, isCorrection, pretended, changes, onSaved } = props;
  const submit = async () => {
    const id = await form.save();
    if (id) onSaved(id);
  };
  return (
    <Box
      as="form"
      onSubmit={(event: React.FormEvent) => {
        event.preventDefault();
        void submit();
      }}
      {...{ noValidate: true }}
    >
      <Grid
        templateColumns={{ base: '1fr', lg: '5fr 7fr' }}
        gridTemplateAreas={{
          base: '"keys" "change" "seen" "figures" "save"',
          lg: '"figures seen" "change seen" "save seen"',
        }}
        gridTemplateRows={{ lg: 'auto auto 1fr' }}
        columnGap="10"
        rowGap="4"
      >
        <Box gridArea="keys" display={{ base: 'block', md: 'none' }}>
          <TemperatureKeys form={form} />
        </Box>
        <Box gridArea="figures" minW="0">
          <Figures form={form} pretended={pretended} />
        </Box>
        <Box gridArea="change">{changes}</Box>
        <Flex gridArea="save" gap="3" wrap="wrap" align="center" alignSelf="start">
          <ActionButton type="submit" loading={form.isSaving} loadingText={WORDS.saving}>
            {isCorrection ? WORDS.saveTheCorrection : WORDS.saveReading}
          </ActionButton>
          {form.isDirty && (
            <ActionButton quiet onClick={form.clear}>
              {WORDS.clear}
            </ActionButton>
          )}
          <Text textStyle="small" color="faint">
            {WORDS.saveHint}
          </Text>
        </Flex>
        <Box gridArea="seen" minW="0">
          <Seen form={form} />
        </Box>
      </Grid>
      <Details form={form} timeZone={timeZone} />
      <FieldProblemText problem={form.failure} />
      <KeptNote text={form.keptHere} />
    </Box>
  );
}

function Seen({ form }: { form: ReadingFormState }) {
  const { values, set, bind } = form;
  const { say } = useWords();
  return (
    <Flex direction="column" gap="4">
      <ChoiceRow
        legend={WORDS.grain}
        name="grain"
        optionWidth="78px"
        {...bind('grain')}
        options={GRAINS.map((grain) => ({
          value: grain,
          word: termsWords.GRAIN_WORDS[grain],
          label: (
            <>
              <GrainGlyph grain={grain} size={30} />
              <span>{termsWords.GRAIN_WORDS[grain]}</span>
              <span>{termsWords.GRAIN_CODES[grain]}</span>
            </>
          ),
        }))}
      />
      <ChoiceRow
        legend={WORDS.wetnessBySnowball}
        name="wetness"
        {...bind('wetness')}
        options={WETNESSES.map((wetness) => ({
          value: wetness,
          label: termsWords.WETNESS_WORDS[wetness],
          detail: termsWords.SNOWBALL_WORDS[wetness],
        }))}
      />
      {contradictionsOf(values).map((one) => (
        <Caution key={one.code}>{say(choiceWords.CAUTION, one)}</Caution>
      ))}
      <ChoiceRow
        legend={WORDS.fingerTestWhatJustGoes}
        name="finger-test"
        {...bind('handHardness')}
        options={optionsOf(HAND_HARDNESSES, termsWords.HAND_HARDNESS_WORDS)}
      />
      <Grid templateColumns={{ base: '1fr', md: '4fr 3fr 3fr' }} gap="4">
        <ChoiceRow
          legend={WORDS.origin}
          name="origin"
          optionWidth="62px"
          {...bind('origin')}
          options={ORIGINS.map((origin) => ({
            value: origin,
            label: termsWords.ORIGIN_WORDS[origin],
          }))}
        />
        <ChoiceRow
          legend={WORDS.dirt}
          name="dirt"
          {...bind('dirt')}
          options={(['clean', 'dirty'] as const).map((dirt) => ({
            value: dirt,
            label: termsWords.DIRT_WORDS[dirt],
          }))}
        />
        <ChoiceRow
          legend={WORDS.track}
          name="glazed"
          value={values.glazed ? 'glazed' : 'open'}
          onChange={(track) => set({ glazed: track === 'glazed' })}
          options={[
            { value: 'open', label: WORDS.notGlazed },
            { value: 'glazed', label: WORDS.glazedOrIcy },
          ]}
        />
      </Grid>
    </Flex>
  );
}

function Details({ form, timeZone }: { form: ReadingFormState; timeZone: string }) {
  const scales = useScales();
  const { values, set, bind, problem } = form;
  const takenLocal = !values.takenAt
    ? ''
    : Number.isFinite(Date.parse(values.takenAt))
      ? localFromInstant(values.takenAt, timeZone)
      : values.takenAt;
  const setTaken = (local: string): ReadingDraft =>
    local === ''
      ? { takenAt: undefined }
      : { takenAt: isLocalTime(local) ? instantFromLocal(local, timeZone) : local };
  return (
    <Disclosure mt="4" title={WORDS.moreFields}>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <TextField
          label={WORDS.time(timeZone)}
          type="datetime-local"
          hint={WORDS.emptyNow}
          value={takenLocal}
          onChange={(local) => set(setTaken(local))}
          problem={problem('takenAt')}
        />
        <TextField
          label={WORDS.spot}
          hint={WORDS.whereOnTheCourse}
          value={values.spot ?? ''}
          onChange={(spot) => set({ spot: spot || undefined })}
          problem={problem('spot')}
        />
        <ChoiceRow
          legend={WORDS.instrument}
          name="source"
          {...bind('source')}
          options={READING_SOURCES.map((source) => ({
            value: source,
            label: termsWords.SOURCE_WORDS[source],
          }))}
        />
        <NumberField
          label={WORDS.grainSize}
          hint={WORDS.grainSizeHint}
          scale={scales.millimetres}
          step={0.1}
          decimals={2}
          name="grain-size"
          {...bind('grainMm')}
        />
        <NumberField
          label={WORDS.ownSharpness}
          hint={WORDS.n0Round1NewEmpty}
          scale={scales.fraction}
          step={0.05}
          decimals={2}
          name="sharpness"
          {...bind('sharpness')}
        />
        <TextField
          label={WORDS.note}
          value={values.note ?? ''}
          onChange={(note) => set({ note: note || undefined })}
          problem={problem('note')}
        />
      </SimpleGrid>
      <Box mt="4">
        <Text textStyle="strong" mb="1">
          {WORDS.grainPhoto}
        </Text>
        <GrainPhoto onTake={(grainMm) => set({ grainMm })} />
      </Box>
    </Disclosure>
  );
}
