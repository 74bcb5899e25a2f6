'use client';

import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { useUnits } from '@/ui/format/units-context';
import { useWords } from '@/ui/format/use-words';
import { GrainGlyph } from '@/ui/marks/grain-glyph';
import { termsWords } from '@/words/areas/terms';
import { percent, temperatureRange, temperatureWithSpread } from '@/words/quantities';
import { drillsScreenWords } from '@/words/screens/drills';
import { quickScreenWords } from '@/words/screens/quick';
import { AnswerButton } from './answer-button';
import type { Answering } from './use-drill';
import type { Situations } from './use-cases/situation';

const WORDS = drillsScreenWords.pick;

interface PickDrillProps {
  shown: Situations['pick'];
  answering: Answering;
  isMarked: boolean;
}

/** A snow, an outing and a shelf: which wax? */
export function PickDrill({ shown, answering, isMarked }: PickDrillProps) {
  const { snow, outing, products, isPast } = shown;
  const [picked, setPicked] = useState<string>();
  const units = useUnits();
  const { write } = useWords();
  const spread = snow.temperatureSdC ?? 0;
  const what = [
    snow.grain && termsWords.GRAIN_WORDS[snow.grain],
    termsWords.WETNESS_WORDS[snow.wetness],
    snow.grain === 'MM' ? undefined : termsWords.ORIGIN_WORDS[snow.origin],
  ].filter((one) => one !== undefined);
  return (
    <Box maxW="760px">
      <Flex gap="4" align="center">
        {snow.grain && <GrainGlyph grain={snow.grain} />}
        <Box>
          <Text textStyle="strong">
            {WORDS.snow(
              temperatureWithSpread(snow.temperatureC, spread, units),
              percent(snow.humidityFraction),
            )}
          </Text>
          <Text textStyle="body">{what.join(', ')}</Text>
          {isPast && <Text textStyle="body">{WORDS.past}</Text>}
          <Text textStyle="body">
            {WORDS.outing(
              termsWords.DISCIPLINE_WORDS[outing.discipline],
              termsWords.PURPOSE_WORDS[outing.purpose],
              write.distance(outing.distanceKm),
            )}
          </Text>
        </Box>
      </Flex>
      <Box mt="4">
        <ChoiceRow
          legend={WORDS.shelf}
          name="picked"
          value={picked}
          onChange={(value) => !isMarked && setPicked(value)}
          options={products.map(({ id, kind, labelLowC, labelHighC }) => ({
            value: id,
            label: quickScreenWords.GLIDE_KIND[kind],
            detail: temperatureRange(labelLowC, labelHighC, units),
          }))}
          optionWidth="150px"
        />
      </Box>
      {!isMarked && (
        <AnswerButton
          answering={answering}
          onAnswer={picked === undefined ? undefined : () => answering.answer({ picked })}
        />
      )}
    </Box>
  );
}
