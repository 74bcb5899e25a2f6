import type { Ski } from '../../core/ski';
import { SKI_DEFAULTS, skiSchema } from '../schemas/ski';
import { numberCell, textCell, withoutUnit, wordCell, YES_NO, type Cell } from './cells';
import { writeCsv } from './table';
import { readTypedRows, type Column, type RowProblem, type TypedRows } from './typed-rows';

export const MOST_SKIS = 500;

const lengths = { cm: numberCell(), m: numberCell((value) => value * 100) };
const widths = { mm: numberCell(), cm: numberCell((value) => value * 10) };
const degrees = { '°': numberCell(), deg: numberCell(), '': numberCell() };
const yesNoCell: Cell = (text) => YES_NO[text.trim().toLowerCase()] ?? (text.trim() || undefined);

const COLUMNS: Record<string, Column> = {
  name: { field: 'name', units: withoutUnit(textCell) },
  owner: { field: 'owner', units: withoutUnit(textCell) },
  type: { field: 'type', units: withoutUnit(wordCell) },
  length: { field: 'lengthCm', units: lengths },
  waist: { field: 'waistMm', units: widths },
  base: { field: 'baseType', units: withoutUnit(wordCell) },
  'grind width': { field: 'grindMm', units: widths },
  'grind pattern': { field: 'grindPattern', units: withoutUnit(textCell) },
  'ground on': { field: 'groundOn', units: withoutUnit(textCell) },
  'base bevel': { field: 'baseBevelDeg', units: degrees },
  'side bevel': { field: 'sideBevelDeg', units: degrees },
  brakes: { field: 'hasBrakes', units: withoutUnit(yesNoCell) },
  purpose: { field: 'purpose', units: withoutUnit(wordCell) },
  note: { field: 'note', units: withoutUnit(textCell) },
};
const SHOWN_UNITS: Readonly<Record<string, string>> = {
  length: 'cm',
  waist: 'mm',
  'grind width': 'mm',
  'base bevel': '°',
  'side bevel': '°',
};
const REQUIRED = ['name', 'type', 'length', 'waist'];

const sameName = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();

/** Skis from a CSV file, up to 500; a name twice, in it or with the rack, is a problem of its line. */
export function readSkis(text: string, onRack: readonly string[]): TypedRows<Ski> {
  const kind = {
    columns: COLUMNS,
    required: REQUIRED,
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
  const header = Object.keys(COLUMNS).map((name) =>
    SHOWN_UNITS[name] ? `${name} [${SHOWN_UNITS[name]}]` : name,
  );
  return writeCsv(
    header,
    skis.map((ski) =>
      Object.values(COLUMNS).map(({ field }) => {
        const value = ski[field as keyof Ski];
        return typeof value === 'boolean' ? (value ? 'yes' : 'no') : (value ?? '');
      }),
    ),
    hasHeader,
  );
}
