'use client';

import type { Outing, Reading } from '@/core/model';
import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { percent, temperature, temperatureWithSpread } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { RowMenu } from '@/ui/frame/row-menu';
import { Part } from '@/ui/frame/sheet';
import { FileLink } from '@/ui/frame/sheet-link';
import { ReadingPhoto } from './reading-photo';
import { termsWords } from '@/words/areas/terms';
import { snowScreenWords } from '@/words/screens/snow';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';

const WORDS = snowScreenWords.readingsList;

const columns = () => [
  { title: WORDS.time },
  { title: WORDS.spot },
  { title: WORDS.snow, isNumber: true },
  { title: WORDS.air, isNumber: true },
  { title: WORDS.humidity, isNumber: true },
  { title: WORDS.grain },
  { title: WORDS.seen },
  { title: WORDS.by },
  { title: WORDS.change },
];
const FIRST_ROWS = 8;

/** The readings that stand for this outing, latest first, with correcting and withdrawing. */
export function ReadingsList({
  readings,
  outing,
}: {
  readings: readonly Reading[];
  outing: Outing;
}) {
  const units = useUnits();
  const [isAll, setIsAll] = useState(false);
  const acts = useAct();
  const withdraw = ({ id }: Reading) =>
    acts.write(
      'reading.withdraw',
      { id },
      { said: () => WORDS.readingWithdrawnItStaysIn, undo: () => ['reading.restore', { id }] },
    );
  const shown = isAll ? readings : readings.slice(0, FIRST_ROWS);
  const rows = shown.map((one) => ({
    key: one.id,
    cells: [
      dayAndTime(one.takenAt, outing.venue.timeZone),
      one.spot ?? '–',
      <strong key="snow">
        {temperatureWithSpread(one.temperatureC, one.temperatureSdC, units)}
      </strong>,
      one.airTemperatureC === undefined ? '–' : temperature(one.airTemperatureC, units),
      percent(one.humidityFraction),
      one.grain ? termsWords.GRAIN_CODES[one.grain] : '–',
      seen(one),
      termsWords.SOURCE_WORDS[one.source] ?? one.source,
      <Flex key="change" gap="3" justify="flex-end">
        <ReadingPhoto reading={one} onFailure={acts.setProblem} />
        <RowMenu
          label={WORDS.changeReadingOf(dayAndTime(one.takenAt, outing.venue.timeZone))}
          actions={[
            {
              key: 'correct',
              title: WORDS.correct,
              href: `/outing/${outing.id}/snow?correct=${one.id}`,
            },
            { key: 'withdraw', title: WORDS.withdraw, onSelect: () => withdraw(one) },
          ]}
        />
      </Flex>,
    ],
  }));
  return (
    <Part
      title={WORDS.readings}
      aside={
        readings.length > 0 && (
          <Flex gap="4">
            <FileLink href={`/api/v1/readings?outing=${outing.id}&format=csv`}>
              {WORDS.csv}
            </FileLink>
            <FileLink href={`/api/v1/readings?outing=${outing.id}&format=json`}>
              {WORDS.json}
            </FileLink>
          </Flex>
        )
      }
    >
      <ActNotice acts={acts} />
      {readings.length === 0 ? (
        <Text textStyle="body" color="faint">
          {WORDS.noneYetTheFirstOne}
        </Text>
      ) : (
        <DataTable caption={WORDS.readingsOfThisOuting} columns={columns()} rows={rows} />
      )}
      {readings.length > shown.length && (
        <ActionButton quiet mt="3" onClick={() => setIsAll(true)}>
          {WORDS.showAll(readings.length)}
        </ActionButton>
      )}
    </Part>
  );
}

const seen = (one: Reading) =>
  [
    termsWords.ORIGIN_WORDS[one.origin],
    termsWords.inSentence(termsWords.WETNESS_WORDS[one.wetness]),
    one.dirt === 'dirty' ? termsWords.inSentence(termsWords.DIRT_WORDS.dirty) : undefined,
    one.glazed ? WORDS.glazed : undefined,
    one.handHardness && termsWords.inSentence(termsWords.HAND_HARDNESS_WORDS[one.handHardness]),
  ]
    .filter(Boolean)
    .join(', ');
