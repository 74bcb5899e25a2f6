'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { firstGuessOfSnowTemperature, type FirstGuess } from '@/core/snow';
import { DAY_TIMES, SKIES, type DayTime, type Sky } from '@/core/terms';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { temperatureWithSpread } from '@/words/quantities';
import { snowWords } from '@/words/areas/snow';
import { termsWords } from '@/words/areas/terms';
import { snowScreenWords } from '@/words/screens/snow';
import { useWords } from '@/ui/format/use-words';
import { Disclosure } from '@/ui/frame/disclosure';

const WORDS = snowScreenWords.guessHelper;

interface GuessHelperProps {
  airTemperatureC: number | undefined;
  onGuess: (guess: FirstGuess) => void;
}

/** For someone without a probe: a rough snow temperature with a wide spread, said to be a guess. */
export function GuessHelper({ airTemperatureC, onGuess }: GuessHelperProps) {
  const { units, say } = useWords();
  const [sky, setSky] = useState<Sky>('clear');
  const [dayTime, setDayTime] = useState<DayTime>('dusk');
  const hasAir = airTemperatureC !== undefined && airTemperatureC >= -60 && airTemperatureC <= 40;
  const guess = hasAir ? firstGuessOfSnowTemperature(airTemperatureC, sky, dayTime) : undefined;
  return (
    <Disclosure mt="3" title={WORDS.withoutProbe}>
      <Flex direction="column" gap="3" mt="2" pl="4" borderLeftWidth="2px" borderColor="rule">
        <ChoiceRow
          legend={WORDS.sky}
          name="sky"
          value={sky}
          onChange={setSky}
          options={optionsOf(SKIES, termsWords.SKY_WORDS)}
        />
        <ChoiceRow
          legend={WORDS.timeOfDay}
          name="day-time"
          value={dayTime}
          onChange={setDayTime}
          options={optionsOf(DAY_TIMES, termsWords.DAY_TIME_WORDS)}
        />
        {guess ? (
          <>
            <Text textStyle="body">
              <strong>
                {temperatureWithSpread(guess.temperatureC, guess.temperatureSdC, units)}
              </strong>
              . {say(snowWords.GUESS, guess.reason)}
            </Text>
            <Box>
              <ActionButton quiet onClick={() => onGuess(guess)}>
                {WORDS.useThisGuess}
              </ActionButton>
            </Box>
          </>
        ) : (
          <Text textStyle="small" color="faint">
            {WORDS.airTemperatureMissing}
          </Text>
        )}
      </Flex>
    </Disclosure>
  );
}
