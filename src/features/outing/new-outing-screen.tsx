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
import { Part, Sheet } from '@/ui/frame/sheet';
import type { OutingDraft } from './use-outing-form';
import { presetStart, START_PRESETS } from './start-presets';
import { PlacePart } from './place-part';
import { useOutingForm } from './use-outing-form';
import { words } from '@/words';

const WORDS = words.screens.outing.newOutingScreen;

interface NewOutingScreenProps {
  venues: Venue[];
  hasOutings: boolean;
  /** What the quick answer was for. */
  first?: Partial<Pick<OutingDraft, 'discipline' | 'purpose'>>;
}

/** The form that makes an outing, with its venue where that is new as well. */
export function NewOutingScreen({ venues, hasOutings, first }: NewOutingScreenProps) {
  const form = useOutingForm(venues, first);
  return (
    <Sheet
      question={WORDS.whatAreTheSkisFor}
      answer={
        <Text textStyle="title">{hasOutings ? WORDS.aNewOuting : WORDS.startHereWhereAndWhen}</Text>
      }
    >
      <SheetForm maxW="760px" onSubmit={form.save}>
        <OutingPart form={form} />
        <PlacePart form={form} venues={venues} />
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
          options={optionsOf(DISCIPLINES, words.terms.DISCIPLINE_WORDS)}
        />
        <ChoiceRow
          legend={WORDS.purpose}
          name="purpose"
          {...bind('purpose')}
          options={optionsOf(PURPOSES, words.terms.PURPOSE_WORDS)}
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
