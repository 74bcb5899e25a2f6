'use client';

import { Box, Flex, Grid, SimpleGrid, Text } from '@chakra-ui/react';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { GRAINS, HAND_HARDNESSES, ORIGINS, WETNESSES } from '@/core/terms';
import { READING_SOURCES } from '@/formats/schemas/reading';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import {
  DIRT_WORDS,
  GRAIN_CODES,
  GRAIN_WORDS,
  HAND_HARDNESS_WORDS,
  ORIGIN_WORDS,
  SNOWBALL_WORDS,
  SOURCE_WORDS,
  WETNESS_WORDS,
} from '@/ui/format/words';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import { GuessHelper } from './guess-helper';
import { InstrumentPanel } from './instruments/instrument-panel';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import type { ReadingDraft, useReadingForm } from './use-reading-form';

type Form = ReturnType<typeof useReadingForm>;

interface ReadingFormProps {
  form: Form;
  timeZone: string;
  isCorrection: boolean;
  /** What the stand-in instruments pretend to be in. */
  pretended: PretendedSnow;
  onSaved: (id: string) => void;
}

/** Everything a person sees and measures at the snow, thermometer first. */
export function ReadingForm(props: ReadingFormProps) {
  const { form, timeZone, isCorrection, pretended, onSaved } = props;
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
      <Measured form={form} />
      <InstrumentPanel snow={pretended} onRead={form.set} />
      <Seen form={form} />
      <Details form={form} timeZone={timeZone} />
      <Flex gap="3" mt="5" wrap="wrap" align="center">
        <ActionButton type="submit" loading={form.isSaving} loadingText="Saving…">
          {isCorrection ? 'Save the correction' : 'Save reading'}
        </ActionButton>
        {form.isDirty && (
          <ActionButton quiet onClick={form.clear}>
            Clear
          </ActionButton>
        )}
        <Text textStyle="small" color="faint">
          Ctrl+Enter saves. What you type is kept if you leave.
        </Text>
      </Flex>
      <FieldProblemText problem={form.failure} />
    </Box>
  );
}

function Measured({ form }: { form: Form }) {
  const scales = useScales();
  const { values, set, problem } = form;
  const number = (
    field: 'temperatureC' | 'temperatureSdC' | 'airTemperatureC' | 'humidityFraction',
  ) => ({
    name: field,
    value: values[field],
    onChange: (value: number | undefined) => set({ [field]: value }),
    problem: problem(field),
  });
  return (
    <>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <NumberField
          label="Snow temperature"
          hint="In the shade, 1–2 cm deep, several spots"
          scale={scales.temperature}
          step={0.5}
          {...number('temperatureC')}
        />
        <NumberField
          label="Spread (±)"
          hint="How far the spots differ"
          scale={scales.difference}
          step={0.1}
          {...number('temperatureSdC')}
        />
        <NumberField
          label="Air temperature"
          scale={scales.temperature}
          step={0.5}
          {...number('airTemperatureC')}
        />
        <NumberField
          label="Humidity of the air"
          scale={scales.humidity}
          step={5}
          decimals={0}
          startShown={65}
          {...number('humidityFraction')}
        />
      </SimpleGrid>
      <GuessHelper
        airTemperatureC={values.airTemperatureC}
        onGuess={(guess) =>
          set({
            temperatureC: guess.temperatureC,
            temperatureSdC: guess.temperatureSdC,
            source: 'guess',
          })
        }
      />
    </>
  );
}

function Seen({ form }: { form: Form }) {
  const { values, set, problem } = form;
  return (
    <Flex direction="column" gap="4" mt="4">
      <ChoiceRow
        legend="Grain"
        name="grain"
        optionWidth="78px"
        value={values.grain}
        onChange={(grain) => set({ grain })}
        problem={problem('grain')}
        options={GRAINS.map((grain) => ({
          value: grain,
          label: (
            <>
              <GrainGlyph grain={grain} size={30} />
              <span>{GRAIN_WORDS[grain]}</span>
              <span>{GRAIN_CODES[grain]}</span>
            </>
          ),
        }))}
      />
      <ChoiceRow
        legend="Wetness, by snowball"
        name="wetness"
        value={values.wetness}
        onChange={(wetness) => set({ wetness })}
        options={WETNESSES.map((wetness) => ({
          value: wetness,
          label: WETNESS_WORDS[wetness],
          detail: SNOWBALL_WORDS[wetness],
        }))}
      />
      <ChoiceRow
        legend="Finger test: what just goes in"
        name="finger-test"
        value={values.handHardness}
        onChange={(handHardness) => set({ handHardness })}
        options={HAND_HARDNESSES.map((value) => ({ value, label: HAND_HARDNESS_WORDS[value] }))}
      />
      <Grid templateColumns={{ base: '1fr', md: '4fr 3fr 3fr' }} gap="4">
        <ChoiceRow
          legend="Origin"
          name="origin"
          optionWidth="62px"
          value={values.origin}
          onChange={(origin) => set({ origin })}
          options={ORIGINS.map((origin) => ({ value: origin, label: ORIGIN_WORDS[origin] }))}
        />
        <ChoiceRow
          legend="Dirt"
          name="dirt"
          value={values.dirt}
          onChange={(dirt) => set({ dirt })}
          options={(['clean', 'dirty'] as const).map((dirt) => ({
            value: dirt,
            label: DIRT_WORDS[dirt],
          }))}
        />
        <ChoiceRow
          legend="Track"
          name="glazed"
          value={values.glazed ? 'glazed' : 'open'}
          onChange={(track) => set({ glazed: track === 'glazed' })}
          options={[
            { value: 'open', label: 'Not glazed' },
            { value: 'glazed', label: 'Glazed or icy' },
          ]}
        />
      </Grid>
    </Flex>
  );
}

function Details({ form, timeZone }: { form: Form; timeZone: string }) {
  const scales = useScales();
  const { values, set, problem } = form;
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
    <Box as="details" mt="4">
      <Box as="summary" minH="target" cursor="pointer" textStyle="body" py="2">
        Time, spot, instrument, sharpness, note
      </Box>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <TextField
          label={`Time (${timeZone})`}
          type="datetime-local"
          hint="Empty: now"
          value={takenLocal}
          onChange={(local) => set(setTaken(local))}
          problem={problem('takenAt')}
        />
        <TextField
          label="Spot"
          hint="Where on the course"
          value={values.spot ?? ''}
          onChange={(spot) => set({ spot: spot || undefined })}
          problem={problem('spot')}
        />
        <ChoiceRow
          legend="Instrument"
          name="source"
          value={values.source}
          onChange={(source) => set({ source })}
          options={READING_SOURCES.map((source) => ({
            value: source,
            label: SOURCE_WORDS[source],
          }))}
        />
        <NumberField
          label="Sharpness, if you judge it yourself"
          hint="0 round … 1 new; empty: by the grain"
          scale={scales.fraction}
          step={0.05}
          decimals={2}
          name="sharpness"
          value={values.sharpness}
          onChange={(sharpness) => set({ sharpness })}
          problem={problem('sharpness')}
        />
        <TextField
          label="Note"
          value={values.note ?? ''}
          onChange={(note) => set({ note: note || undefined })}
          problem={problem('note')}
        />
      </SimpleGrid>
    </Box>
  );
}
