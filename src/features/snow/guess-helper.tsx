'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { firstGuessOfSnowTemperature, type FirstGuess } from '@/core/snow';
import { DAY_TIMES, SKIES, type DayTime, type Sky } from '@/core/terms';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { temperatureWithSpread } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { DAY_TIME_WORDS, SKY_WORDS } from '@/ui/format/words';

interface GuessHelperProps {
  airTemperatureC: number | undefined;
  onGuess: (guess: FirstGuess) => void;
}

/** For someone without a probe: a rough snow temperature with a wide spread, said to be a guess. */
export function GuessHelper({ airTemperatureC, onGuess }: GuessHelperProps) {
  const units = useUnits();
  const [sky, setSky] = useState<Sky>('clear');
  const [dayTime, setDayTime] = useState<DayTime>('dusk');
  const hasAir = airTemperatureC !== undefined && airTemperatureC >= -60 && airTemperatureC <= 40;
  const guess = hasAir ? firstGuessOfSnowTemperature(airTemperatureC, sky, dayTime) : undefined;
  return (
    <Box as="details" mt="3">
      <Box as="summary" minH="target" cursor="pointer" textStyle="body" py="2">
        No probe? Guess from the air and the sky
      </Box>
      <Flex direction="column" gap="3" mt="2" pl="4" borderLeftWidth="2px" borderColor="rule">
        <ChoiceRow
          legend="Sky"
          name="sky"
          value={sky}
          onChange={setSky}
          options={SKIES.map((value) => ({ value, label: SKY_WORDS[value] }))}
        />
        <ChoiceRow
          legend="Time of day"
          name="day-time"
          value={dayTime}
          onChange={setDayTime}
          options={DAY_TIMES.map((value) => ({ value, label: DAY_TIME_WORDS[value] }))}
        />
        {guess ? (
          <>
            <Text textStyle="body">
              <strong>
                {temperatureWithSpread(guess.temperatureC, guess.temperatureSdC, units)}
              </strong>
              . {guess.reason}
            </Text>
            <Box>
              <ActionButton quiet onClick={() => onGuess(guess)}>
                Use this guess
              </ActionButton>
            </Box>
          </>
        ) : (
          <Text textStyle="small" color="faint">
            Enter the air temperature above, from −60 to 40 °C.
          </Text>
        )}
      </Flex>
    </Box>
  );
}
