'use client';

import { CsvImport } from '@/ui/frame/csv-import';
import { FileLink } from '@/ui/frame/sheet-link';
import { act } from '@/writes/act';
import { snowScreenWords } from '@/words/screens/snow';

const WORDS = snowScreenWords.importReadings;

/** Takes readings in from a CSV file: all of it, or nothing and a list of what to mend. */
export function ImportReadings({ outingId, timeZone }: { outingId: string; timeZone: string }) {
  return (
    <CsvImport
      title={WORDS.takeReadingsInFromA}
      hint={WORDS.csvHint(timeZone)}
      label={WORDS.csvFileOfReadings}
      id="readings-file"
      url={`/api/v1/readings?outing=${encodeURIComponent(outingId)}`}
      links={<FileLink href="/examples/readings.csv">{WORDS.anExampleFile}</FileLink>}
      what="reading"
      onUndo={(key, id) => act('reading.import.undo', key, { id })}
    />
  );
}
