'use client';

import { Flex, SimpleGrid } from '@chakra-ui/react';
import { estimatedHours } from '@/core/choice';
import type { OutingFacts } from '@/core/wax';
import { DISCIPLINES, PURPOSES } from '@/core/terms';
import { instantFromLocal, isLocalTime, localFromInstant } from '@/core/time';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { NumberField } from '@/ui/fields/number-field';
import { TextField } from '@/ui/fields/text-field';
import { useScales } from '@/ui/fields/scales';
import { DISCIPLINE_WORDS, PURPOSE_WORDS } from '@/ui/format/words';

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
        legend="Discipline"
        name="discipline"
        value={facts.discipline}
        onChange={(discipline) => onChange({ discipline })}
        options={DISCIPLINES.map((value) => ({ value, label: DISCIPLINE_WORDS[value] }))}
      />
      <ChoiceRow
        legend="Purpose"
        name="purpose"
        value={facts.purpose}
        onChange={(purpose) => onChange({ purpose })}
        options={PURPOSES.map((value) => ({ value, label: PURPOSE_WORDS[value] }))}
      />
      <SimpleGrid columns={1} gap="4" maxW="320px">
        <NumberField
          label="Distance"
          scale={scales.distance}
          step={1}
          decimals={1}
          value={facts.distanceKm}
          onChange={(distanceKm) => onChange({ distanceKm })}
          problem={problem('distanceKm')}
        />
        <TextField
          label={`Start (${timeZone})`}
          type="datetime-local"
          value={start}
          onChange={(local) =>
            onChange({ startAt: isLocalTime(local) ? instantFromLocal(local, timeZone) : '' })
          }
          problem={problem('startAt')}
        />
        <NumberField
          label="Hours on snow"
          hint={`Empty: about ${estimatedHours({ ...facts, distanceKm: facts.distanceKm ?? 0 }).toFixed(1)} h, from the distance`}
          scale={scales.hours}
          step={0.5}
          decimals={1}
          value={facts.hoursOnSnow}
          onChange={(hoursOnSnow) => onChange({ hoursOnSnow })}
          problem={problem('hoursOnSnow')}
        />
      </SimpleGrid>
      <ChoiceRow
        legend="Legacy fluorocarbons"
        name="fluorocarbons"
        value={facts.fluorocarbonsAllowed ? 'allowed' : 'excluded'}
        onChange={(value) => onChange({ fluorocarbonsAllowed: value === 'allowed' })}
        options={[
          { value: 'excluded', label: 'Excluded' },
          { value: 'allowed', label: 'Allowed (private use)' },
        ]}
      />
    </Flex>
  );
}
