'use client';

import { useState } from 'react';
import { Flex, Text } from '@chakra-ui/react';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { ActionButton } from '@/ui/fields/action-button';
import { useWrite } from '@/ui/fields/use-write';
import { percent, temperature, temperatureWithSpread } from '@/ui/format/quantities';
import { dayAndTime } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import {
  DIRT_WORDS,
  GRAIN_CODES,
  HAND_HARDNESS_WORDS,
  ORIGIN_WORDS,
  SOURCE_WORDS,
  WETNESS_WORDS,
} from '@/ui/format/words';
import { DataTable } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { ReadingPhoto } from './reading-photo';
import { restoreReadingAction, withdrawReadingAction } from './actions';

const COLUMNS = [
  { title: 'Time' },
  { title: 'Spot' },
  { title: 'Snow', isNumber: true },
  { title: 'Air', isNumber: true },
  { title: 'Humidity', isNumber: true },
  { title: 'Grain' },
  { title: 'Seen' },
  { title: 'By' },
  { title: 'Change' },
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
  const [notice, setNotice] = useState<{ message: string; undoId?: string }>();
  const { send } = useWrite();
  const withdraw = async (reading: Reading) => {
    const done = await send(`withdraw:${reading.id}`, (key) =>
      withdrawReadingAction(key, reading.id),
    );
    if (!done) return;
    setNotice(
      done.ok
        ? { message: 'Reading withdrawn. It stays in the record.', undoId: reading.id }
        : { message: done.error.message },
    );
  };
  const undo = async (id: string) => {
    const done = await send(`restore:${id}`, (key) => restoreReadingAction(key, id));
    if (done) setNotice(done.ok ? undefined : { message: done.error.message });
  };
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
      one.grain ? GRAIN_CODES[one.grain] : '–',
      seen(one),
      SOURCE_WORDS[one.source] ?? one.source,
      <Flex key="change" gap="3">
        <SheetLink href={`/outing/${outing.id}/snow?correct=${one.id}`}>Correct</SheetLink>
        <ReadingPhoto reading={one} onFailure={(message) => setNotice({ message })} />
        <ActionButton quiet px="3" onClick={() => void withdraw(one)}>
          Withdraw
        </ActionButton>
      </Flex>,
    ],
  }));
  return (
    <Part
      title="Readings"
      aside={
        readings.length > 0 && (
          <Flex gap="4">
            <FileLink href={`/api/v1/readings?outing=${outing.id}&format=csv`}>CSV</FileLink>
            <FileLink href={`/api/v1/readings?outing=${outing.id}&format=json`}>JSON</FileLink>
          </Flex>
        )
      }
    >
      {notice && (
        <UndoNotice
          message={notice.message}
          onUndo={notice.undoId ? () => void undo(notice.undoId!) : undefined}
          onClose={() => setNotice(undefined)}
        />
      )}
      {readings.length === 0 ? (
        <Text textStyle="body" color="faint">
          None yet. The first one you save stands here.
        </Text>
      ) : (
        <DataTable caption="Readings of this outing" columns={COLUMNS} rows={rows} />
      )}
      {readings.length > shown.length && (
        <ActionButton quiet mt="3" onClick={() => setIsAll(true)}>
          Show all {readings.length}
        </ActionButton>
      )}
    </Part>
  );
}

const seen = (one: Reading) =>
  [
    ORIGIN_WORDS[one.origin],
    WETNESS_WORDS[one.wetness].toLowerCase(),
    one.dirt === 'dirty' ? DIRT_WORDS.dirty.toLowerCase() : undefined,
    one.glazed ? 'glazed' : undefined,
    one.handHardness && HAND_HARDNESS_WORDS[one.handHardness].toLowerCase(),
  ]
    .filter(Boolean)
    .join(', ');
