import { SKI_FIELDS } from '../../core/model';
import type { Ski } from '../../core/ski';
import { SKI_DEFAULTS, skiSchema } from '../schemas/ski';
import { doubles } from './doubles';
import { columnsFrom, requiredIn, tableFrom } from './from-fields';
import { writeCsv } from './table';
import { readTypedRows, type TypedRows } from './typed-rows';

export const MOST_SKIS = 500;

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
  const problems = doubles(file, onRack);
  return problems.length > 0 ? { ok: false, problems } : file;
}

/** The rack as CSV that {@link readSkis} takes back. */
export function writeSkis(skis: readonly Ski[], hasHeader = true): string {
  const { header, rows } = tableFrom(SKI_FIELDS, skis);
  return writeCsv(header, rows, hasHeader);
}
