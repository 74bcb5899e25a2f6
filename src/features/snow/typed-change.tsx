'use client';

import { Box, Text } from '@chakra-ui/react';
import { useUnits } from '@/ui/format/units-context';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { temperature, temperatureWithSpread } from '@/words/quantities';
import { snowScreenWords } from '@/words/screens/snow';
import type { ReadingDraft } from './use-reading-form';
import { useTypedChange, type Ground, type TypedChange } from './use-typed-change';

const WORDS = snowScreenWords.typedChange;

/** What a typed reading would change at the start, in one place under the form. */
export function TypedChangeLine({ draft, ground }: { draft: ReadingDraft; ground: Ground }) {
  const change = useTypedChange(draft, ground);
  return (
    <Box borderTopWidth="1px" borderColor="rule" pt="3" minH="88px" aria-live="polite">
      {change.kind === 'done' ? (
        <Done change={change} />
      ) : (
        <Text textStyle="body" color="faint">
          {WORDS[change.kind]}
        </Text>
      )}
    </Box>
  );
}

function Done({ change: { before, after } }: { change: Extract<TypedChange, { kind: 'done' }> }) {
  const units = useUnits();
  const { temperatureC, temperatureSdC = 0 } = after.snow;
  const now = temperatureWithSpread(temperatureC, temperatureSdC, units);
  const was = before && temperature(before.snow.temperatureC, units);
  return (
    <Box data-testid="typed-change">
      <Text textStyle="strong">{was ? WORDS.startFromTo(was, now) : WORDS.startIs(now)}</Text>
      <Text textStyle="body" as="div">
        {WORDS.asksFor(temperature(after.equivalentTemperatureC, units))}{' '}
        <NotchGauge hardness={after.hardness} />
      </Text>
      <Text textStyle="body">
        {after.best === undefined
          ? WORDS.shelfUseless
          : before?.best === undefined
            ? WORDS.choiceIs(after.best)
            : before.best === after.best
              ? WORDS.choiceStays(after.best)
              : WORDS.choiceChanges(before.best, after.best)}
      </Text>
    </Box>
  );
}
