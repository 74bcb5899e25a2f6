'use client';

import { Box, SimpleGrid } from '@chakra-ui/react';
import { NumberField } from '@/ui/fields/number-field';
import { NumberPad } from '@/ui/fields/number-pad';
import { useScales } from '@/ui/fields/scales';
import { GuessHelper } from './guess-helper';
import { InstrumentPanel } from './instruments/instrument-panel';
import type { PretendedSnow } from './instruments/stand-in-instruments';
import type { ReadingFormState } from './reading-draft';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.readingForm;

/** Snow is rarely warmer than this where waxes are chosen: a number begins below zero. */
const USUAL_SNOW_C = -5;

/** What is measured: on a wide screen the snow first, and help for who has no probe. */
export function Figures({ form, pretended }: { form: ReadingFormState; pretended: PretendedSnow }) {
  return (
    <>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <Temperature form={form} />
        <Measured form={form} />
      </SimpleGrid>
      <GuessHelper
        airTemperatureC={form.values.airTemperatureC}
        onGuess={(guess) =>
          form.set({
            temperatureC: guess.temperatureC,
            temperatureSdC: guess.temperatureSdC,
            source: 'guess',
          })
        }
      />
      <InstrumentPanel snow={pretended} onRead={form.set} />
    </>
  );
}

/** A temperature that is typed or tapped is measured, whatever was guessed before. */
const measured = ({ values, set }: ReadingFormState, temperatureC: number | undefined) =>
  set({ temperatureC, source: values.source === 'guess' ? 'probe' : values.source });

/** On a phone: keys under the thumb, with saving among them. */
export function TemperatureKeys({ form }: { form: ReadingFormState }) {
  const { temperature } = useScales();
  return (
    <NumberPad
      label={WORDS.snowTemperature}
      value={form.values.temperatureC}
      onChange={(temperatureC) => measured(form, temperatureC)}
      scale={temperature}
      usual={USUAL_SNOW_C}
      problem={form.problem('temperatureC')}
      done={{ label: WORDS.save, isBusy: form.isSaving }}
    />
  );
}

function Temperature({ form }: { form: ReadingFormState }) {
  const scales = useScales();
  return (
    <Box display={{ base: 'none', md: 'block' }}>
      <NumberField
        label={WORDS.snowTemperature}
        hint={WORDS.shadeHint}
        scale={scales.temperature}
        step={0.5}
        name="temperatureC"
        value={form.values.temperatureC}
        onChange={(temperatureC) => measured(form, temperatureC)}
        problem={form.problem('temperatureC')}
      />
    </Box>
  );
}

function Measured({ form }: { form: ReadingFormState }) {
  const scales = useScales();
  const { values, set, problem } = form;
  const number = (field: 'temperatureSdC' | 'airTemperatureC' | 'humidityFraction') => ({
    name: field,
    value: values[field],
    onChange: (value: number | undefined) => set({ [field]: value }),
    problem: problem(field),
  });
  return (
    <>
      <NumberField
        label={WORDS.spread}
        hint={WORDS.spotsDiffer}
        scale={scales.difference}
        step={0.1}
        {...number('temperatureSdC')}
      />
      <NumberField
        label={WORDS.airTemperature}
        scale={scales.temperature}
        step={0.5}
        {...number('airTemperatureC')}
      />
      <NumberField
        label={WORDS.humidityOfTheAir}
        scale={scales.humidity}
        step={5}
        decimals={0}
        startShown={65}
        {...number('humidityFraction')}
      />
    </>
  );
}
