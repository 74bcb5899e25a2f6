'use client';

import { Box, Text } from '@chakra-ui/react';
import type { Outing, Reading } from '@/core/model';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { useWords } from '@/ui/format/use-words';
import { words } from '@/words';
import { temperature } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import type { PickState } from './use-pick';

const WORDS = words.screens.pick.pickScreen;

interface SourceOfSnowProps {
  state: PickState;
  reading: Reading | undefined;
  outing: Outing;
}

/** Where the snow of this choice comes from, with the other way to take where there are two. */
export function SourceOfSnow(props: SourceOfSnowProps) {
  const { units, say } = useWords();
  const { state, reading, outing } = props;
  const { basis, canChoose, reason } = state.day.source;
  const snow = state.answer.choice?.snow;
  return (
    <Box mb="3">
      {canChoose && (
        <Box mb="2">
          <ChoiceRow
            legend={WORDS.takeTheSnowFrom}
            name="basis"
            value={basis}
            onChange={(next) => state.form.set({ basis: next })}
            options={[
              { value: 'modelled', label: WORDS.outlookAtTheStart },
              { value: 'measured', label: WORDS.lastReading },
            ]}
          />
        </Box>
      )}
      <Text textStyle="small" color="faint">
        {snow && `${temperature(snow.temperatureC, units)}, `}
        {reading?.grain ? words.terms.GRAIN_WORDS[reading.grain].toLowerCase() : WORDS.grainNotSeen}
        , {snow && words.terms.WETNESS_WORDS[snow.wetness].toLowerCase()}.{' '}
        {reading &&
          `${reading.source === 'guess' ? WORDS.guessed : WORDS.seen} ${dayAndTime(reading.takenAt, outing.venue.timeZone)}. `}
        {reason && say(words.choice.BASIS_REASON, reason)}
      </Text>
    </Box>
  );
}
