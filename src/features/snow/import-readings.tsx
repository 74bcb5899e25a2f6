'use client';

import { CsvImport } from '@/ui/frame/csv-import';
import { FileLink } from '@/ui/frame/sheet-link';
import { undoImportAction } from './actions';

/** Takes readings in from a CSV file: all of it, or nothing and a list of what to mend. */
export function ImportReadings({ outingId, timeZone }: { outingId: string; timeZone: string }) {
  return (
    <CsvImport
      title="Take readings in from a file"
      hint={`CSV with units in the header, such as time; snow temperature [°C]; humidity [%]. Times without a zone are on the clock of ${timeZone}. Up to 10,000 rows and 5 MB.`}
      label="CSV file of readings"
      id="readings-file"
      url={`/api/v1/readings?outing=${encodeURIComponent(outingId)}`}
      links={<FileLink href="/examples/readings.csv">An example file</FileLink>}
      noun="reading"
      onUndo={undoImportAction}
    />
  );
}
