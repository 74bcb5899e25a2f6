import { SKI_FIELDS } from '../../core/model';
import type { Ski } from '../../core/ski';
import { SKI_DEFAULTS, skiSchema } from '../schemas/ski';
import { columnsFrom, requiredIn, tableFrom } from './from-fields';
import { writeCsv } from './table';
import { readTypedRows, type RowProblem, type TypedRows } from './typed-rows';

export const MOST_SKIS = 500;

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Skis from a CSV file, up to 500; a name twice, in it or with the rack, is a problem of its line. */
export function readSkis(text: string, onRack: readonly string[]): TypedRows<Ski> {
  const kind = {
    columns: columnsFrom(SKI_FIELDS),
    required: requiredIn(SKI_FIELDS),
    defaults: { id: 'new', ...SKI_DEFAULTS },
    schema: skiSchema,
    mostRows: MOST_SKIS,
  };
  const file = readTypedRows(text, kind, 'Etc/UTC');
  if (!file.ok) return file;
  const problems = file.rows.flatMap((row, i): RowProblem[] => {
    const line = file.lines?.[i] ?? 0;
    const isTwice = file.rows.some((one, k) => k < i && sameName(one.name, row.name));
    if (isTwice)
      return [{ line, field: 'name', message: `“${row.name}” stands in the file already.` }];
    return onRack.some((name) => sameName(name, row.name))
      ? [{ line, field: 'name', message: `“${row.name}” is on the rack already.` }]
      : [];
  });
  return problems.length > 0 ? { ok: false, problems } : file;
}

/** The rack as CSV that {@link readSkis} takes back. */
export function writeSkis(skis: readonly Ski[], hasHeader = true): string {
  const { header, rows } = tableFrom(SKI_FIELDS, skis);
  return writeCsv(header, rows, hasHeader);
}
