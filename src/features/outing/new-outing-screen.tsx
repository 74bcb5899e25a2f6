'use client';

import type { Venue } from '@/core/model';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { DISCIPLINES, PURPOSES } from '@/core/terms';
import { wallMs } from '@/core/time';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { SheetForm } from '@/ui/fields/sheet-form';
import { TextField } from '@/ui/fields/text-field';
import { useUnits } from '@/ui/format/units-context';
import { Part, Sheet } from '@/ui/frame/sheet';
import { presetStart, START_PRESETS } from './start-presets';
import { PlacePart } from './place-part';
import { useOutingForm, type FromQuick } from './use-outing-form';
import { termsWords } from '@/words/areas/terms';
import { outingScreenWords } from '@/words/screens/outing';
import { temperature } from '@/words/quantities';

const WORDS = outingScreenWords.newOutingScreen;

interface NewOutingScreenProps {
  venues: Venue[];
  hasOutings: boolean;
  /** What comes along from the quick answer. */
  quick?: FromQuick;
}

/** The form that makes an outing, with its venue where that is new as well. */
export function NewOutingScreen({ venues, hasOutings, quick }: NewOutingScreenProps) {
  const form = useOutingForm(venues, quick);
  return (
    <Sheet
      question={WORDS.question}
      answer={
        <Text textStyle="title">{hasOutings ? WORDS.aNewOuting : WORDS.startHereWhereAndWhen}</Text>
      }
    >
      <SheetForm maxW="760px" onSubmit={form.save}>
        <OutingPart form={form} />
        <PlacePart form={form} venues={venues} />
        {quick && <SnowKept form={form} snow={quick.snow} />}
        <Flex gap="4">
          <ActionButton type="submit" loading={form.isSaving} loadingText={WORDS.saving}>
            {WORDS.saveTheOuting}
          </ActionButton>
          {hasOutings && (
            <ActionButton quiet onClick={form.leave}>
              {WORDS.back}
            </ActionButton>
          )}
        </Flex>
        <FieldProblemText problem={form.failure} />
      </SheetForm>
    </Sheet>
  );
}

type Form = ReturnType<typeof useOutingForm>;

/** The snow of the quick answer, which becomes the outing's first reading. */
function SnowKept({ form, snow }: { form: Form; snow: FromQuick['snow'] }) {
  const units = useUnits();
  const { values, set } = form;
  return (
    <Box mb="6">
      <ChoiceRow
        legend={WORDS.quickSnow(
          [
            temperature(snow.temperatureC, units),
            snow.grain ? termsWords.inSentence(termsWords.GRAIN_WORDS[snow.grain]) : '',
            termsWords.inSentence(termsWords.WETNESS_WORDS[snow.wetness]),
          ]
            .filter(Boolean)
            .join(', '),
        )}
        name="keep-snow"
        optionWidth="160px"
        value={values.keepSnow ? 'keep' : 'leave'}
        onChange={(value) => set({ keepSnow: value === 'keep' })}
        options={[
          { value: 'keep', label: WORDS.keepItAsAReading },
          { value: 'leave', label: WORDS.leaveItOut },
        ]}
      />
    </Box>
  );
}

function OutingPart({ form: { bind, set } }: { form: Form }) {
  const scales = useScales();
  return (
    <Part title={WORDS.theOuting}>
      <Flex direction="column" gap="4">
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
          <TextField label={WORDS.name} {...bind('name')} />
          <TextField
            label={WORDS.startOnTheVenuesClock}
            type="datetime-local"
            {...bind('startLocal')}
          />
        </SimpleGrid>
        <Flex gap="3" wrap="wrap" role="group" aria-label={WORDS.startOn}>
          {START_PRESETS.map((preset) => (
            <ActionButton
              key={preset}
              quiet
              onClick={() => set({ startLocal: presetStart(preset, new Date(wallMs())) })}
            >
              {WORDS.preset[preset]}
            </ActionButton>
          ))}
        </Flex>
        <ChoiceRow
          legend={WORDS.discipline}
          name="discipline"
          {...bind('discipline')}
          options={optionsOf(DISCIPLINES, termsWords.DISCIPLINE_WORDS)}
        />
        <ChoiceRow
          legend={WORDS.purpose}
          name="purpose"
          {...bind('purpose')}
          options={optionsOf(PURPOSES, termsWords.PURPOSE_WORDS)}
        />
        <Box maxW="320px">
          <NumberField
            label={WORDS.distance}
            scale={scales.distance}
            step={1}
            {...bind('distanceKm')}
          />
        </Box>
      </Flex>
    </Part>
  );
}
