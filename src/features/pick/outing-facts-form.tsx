'use client';

import { Flex, SimpleGrid } from '@chakra-ui/react';
import { estimatedHours } from '@/core/choice';
import type { OutingFacts } from '@/core/wax';
import { DISCIPLINES, PURPOSES } from '@/core/terms';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import { termsWords } from '@/words/areas/terms';
import { pickScreenWords } from '@/words/screens/pick';
import { fixed } from '@/words/quantities';

const WORDS = pickScreenWords.outingFactsForm;

export interface FactsDraft extends Omit<OutingFacts, 'distanceKm'> {
  distanceKm: number | undefined;
  startAt: string;
}

interface OutingFactsFormProps {
  facts: FactsDraft;
  timeZone: string;
  problem: (field: 'distanceKm' | 'startAt' | 'hoursOnSnow') => string | undefined;
  onChange: (change: Partial<FactsDraft>) => void;
}

/** What the outing is; every change moves the answer at once. */
export function OutingFactsForm({ facts, timeZone, problem, onChange }: OutingFactsFormProps) {
  const scales = useScales();
  const start = Number.isFinite(Date.parse(facts.startAt))
    ? localFromInstant(facts.startAt, timeZone)
    : '';
  return (
    <Flex direction="column" gap="4">
      <ChoiceRow
        legend={WORDS.discipline}
        name="discipline"
        value={facts.discipline}
        onChange={(discipline) => onChange({ discipline })}
        options={optionsOf(DISCIPLINES, termsWords.DISCIPLINE_WORDS)}
      />
      <ChoiceRow
        legend={WORDS.purpose}
        name="purpose"
        value={facts.purpose}
        onChange={(purpose) => onChange({ purpose })}
        options={optionsOf(PURPOSES, termsWords.PURPOSE_WORDS)}
      />
      <SimpleGrid columns={1} gap="4" maxW="320px">
        <NumberField
          label={WORDS.distance}
          scale={scales.distance}
          step={1}
          decimals={1}
          value={facts.distanceKm}
          onChange={(distanceKm) => onChange({ distanceKm })}
          problem={problem('distanceKm')}
        />
        <TextField
          label={WORDS.start(timeZone)}
          type="datetime-local"
          value={start}
          onChange={(local) =>
            onChange({ startAt: isLocalTime(local) ? instantFromLocal(local, timeZone) : '' })
          }
          problem={problem('startAt')}
        />
        <NumberField
          label={WORDS.hoursOnSnow}
          hint={WORDS.emptyAboutHours(
            fixed(estimatedHours({ ...facts, distanceKm: facts.distanceKm ?? 0 }), 1),
          )}
          scale={scales.hours}
          step={0.5}
          decimals={1}
          value={facts.hoursOnSnow}
          onChange={(hoursOnSnow) => onChange({ hoursOnSnow })}
          problem={problem('hoursOnSnow')}
        />
      </SimpleGrid>
      <ChoiceRow
        legend={WORDS.legacyFluorocarbons}
        name="fluorocarbons"
        value={facts.fluorocarbonsAllowed ? 'allowed' : 'excluded'}
        onChange={(value) => onChange({ fluorocarbonsAllowed: value === 'allowed' })}
        options={[
          { value: 'excluded', label: WORDS.excluded },
          { value: 'allowed', label: WORDS.allowedPrivateUse },
        ]}
      />
    </Flex>
  );
}
