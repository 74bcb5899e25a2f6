'use client';

import { Flex, Text } from '@chakra-ui/react';
import type { IronQuestion } from '@/core/iron';
import { ActionButton } from '@/ui/fields/action-button';
import { useUnits } from '@/ui/format/units-context';
import { ironScreenWords } from '@/words/screens/iron';
import { failureWords } from '@/words/rendered/mistake';
import { MapChart } from './iron-charts';
import { useIronMap } from './use-iron-map';

const WORDS = ironScreenWords.ironScreen;

/**
 * The map of temperature and pace, or why there is none and how to try again. It grows row by row: what stands around it
 * is not drawn anew for that.
 */
export function MapPart({ question }: { question: IronQuestion }) {
  const units = useUnits();
  const { map, failure, retry } = useIronMap(question);
  if (failure) {
    return (
      <Flex gap="4" align="center" wrap="wrap" role="alert">
        <Text textStyle="body">{WORDS.noMap(failureWords(failure, units))}</Text>
        <ActionButton quiet onClick={retry}>
          {WORDS.computeItAgain}
        </ActionButton>
      </Flex>
    );
  }
  if (!map) return <Text textStyle="small">{WORDS.computingTheMap}</Text>;
  return (
    <>
      <MapChart map={map} setC={question.iron.setC} passS={question.passS} />
      {map.share < 1 && (
        <Text textStyle="small" role="status">
          {WORDS.computed(Math.round(map.share * 100))}
        </Text>
      )}
    </>
  );
}
