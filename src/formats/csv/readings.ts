import { DomainError } from '../../core/errors';
import { instantFromLocal, isLocalTime } from '../../core/time';
import { celsiusFromFahrenheit } from '../../core/units';
import { readingSchema } from '../schemas/reading';
import { grainFromSpelling, dirtFromSpelling } from '../schemas/spellings';
import { validate } from '../schemas/validation';
import { parseNumber, readCsv, writeCsv } from './table';
import type { InferType } from 'yup';

export type ReadingFields = InferType<typeof readingSchema>;

export interface RowProblem {
  line: number;
  field: string;
  message: string;
}

export type ReadingsFile =
  { ok: true; readings: ReadingFields[] } | { ok: false; problems: RowProblem[] };

export const MOST_ROWS = 10_000;
const MOST_PROBLEMS = 100;
/** Spread of a probe in several spots, taken where the file gives none, °C. */
const DEFAULT_SPREAD_C = 0.8;

type Cell = (text: string, context: { decimalComma: boolean; timeZone: string }) => unknown;

const numberCell =
  (convert: (value: number) => number = (value) => value): Cell =>
  (text, { decimalComma }) => {
    const value = parseNumber(text, decimalComma);
    return value === undefined || Number.isNaN(value) ? value : convert(value);
  };
const wordCell: Cell = (text) => text.trim().toLowerCase().replace(/[ -]+/g, '_') || undefined;
const textCell: Cell = (text) => text.trim().replace(/^'(?=[=+\-@])/, '') || undefined;
const YES_NO: Record<string, boolean> = {
  yes: true,
  true: true,
  '1': true,
  no: false,
  false: false,
  '0': false,
};

/** A moment with its zone as it is; a local time is taken on the venue's clock. */
const timeCell: Cell = (text, { timeZone }) => {
  const cell = text.trim();
  if (!isLocalTime(cell)) return cell || undefined;
  try {
    return instantFromLocal(cell, timeZone);
  } catch (error) {
    if (error instanceof DomainError) return cell;
    throw error;
  }
};

interface Column {
  field: keyof ReadingFields;
  /** Accepted units, the first is written. */
  units: Record<string, Cell>;
}

const temperature = {
  '°c': numberCell(),
  c: numberCell(),
  '°f': numberCell(celsiusFromFahrenheit),
  f: numberCell(celsiusFromFahrenheit),
};
const difference = {
  '°c': numberCell(),
  c: numberCell(),
  k: numberCell(),
  '°f': numberCell((v) => v / 1.8),
  f: numberCell((v) => v / 1.8),
};
const plain = (cell: Cell) => ({ '': cell });

const COLUMNS: Record<string, Column> = {
  time: { field: 'takenAt', units: plain(timeCell) },
  'snow temperature': { field: 'temperatureC', units: temperature },
  spread: { field: 'temperatureSdC', units: difference },
  'air temperature': { field: 'airTemperatureC', units: temperature },
  humidity: {
    field: 'humidityFraction',
    units: { '%': numberCell((v) => v / 100), '1': numberCell() },
  },
  grain: { field: 'grain', units: plain((text) => grainFromSpelling(text.trim()) || undefined) },
  sharpness: { field: 'sharpness', units: { '': numberCell(), '1': numberCell() } },
  origin: { field: 'origin', units: plain(wordCell) },
  wetness: { field: 'wetness', units: plain(wordCell) },
  dirt: {
    field: 'dirt',
    units: plain((text, c) => {
      const word = wordCell(text, c) as string | undefined;
      return word === undefined ? undefined : dirtFromSpelling(YES_NO[word] ?? word);
    }),
  },
  glazed: {
    field: 'glazed',
    units: plain((text) => YES_NO[text.trim().toLowerCase()] ?? (text.trim() || undefined)),
  },
  source: { field: 'source', units: plain(wordCell) },
  spot: { field: 'spot', units: plain(textCell) },
  note: { field: 'note', units: plain(textCell) },
};

const REQUIRED = ['time', 'snow temperature', 'humidity'];
/** What a column that is absent, or an empty cell, stands for. */
const DEFAULTS: Partial<ReadingFields> = {
  temperatureSdC: DEFAULT_SPREAD_C,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
  source: 'probe',
};

interface HeaderColumn {
  name: string;
  field: keyof ReadingFields;
  read: Cell;
}

function readHeaderCell(cell: string): HeaderColumn | string {
  const match = /^\s*([^[(]*?)\s*(?:[[(]\s*(.*?)\s*[\])])?\s*$/.exec(cell);
  const name = (match?.[1] ?? '').toLowerCase().replace(/_/g, ' ');
  const unit = (match?.[2] ?? '').toLowerCase();
  const column = Object.hasOwn(COLUMNS, name) ? COLUMNS[name] : undefined;
  if (!column) {
    return `Column “${cell.slice(0, 40)}” is not known; known are ${Object.keys(COLUMNS).join(', ')}.`;
  }
  const read = Object.hasOwn(column.units, unit) ? column.units[unit] : undefined;
  if (!read) {
    const units = Object.keys(column.units).filter(Boolean);
    return units.length === 0
      ? `Column ${name} has no unit; write just “${name}”.`
      : `Column ${name} needs its unit: write “${name} [${units[0] === '°c' ? '°C' : units[0]}]”.`;
  }
  return { name, field: column.field, read };
}

function readHeader(header: readonly string[]): { columns: HeaderColumn[]; problems: string[] } {
  const columns: HeaderColumn[] = [];
  const problems: string[] = [];
  for (const cell of header) {
    const column = readHeaderCell(cell);
    if (typeof column === 'string') problems.push(column);
    else if (columns.some((one) => one.field === column.field))
      problems.push(`Column ${column.name} stands twice.`);
    else columns.push(column);
  }
  for (const name of REQUIRED) {
    if (problems.length === 0 && !columns.some((column) => column.name === name)) {
      problems.push(`Column ${name} is missing.`);
    }
  }
  return { columns, problems };
}

/**
 * Readings from a CSV file: comma, semicolon or tab; decimal comma with the latter two; units in
 * the header. `timeZone` is the clock of times without a zone. Every bad cell is reported by line
 * and column (up to 100); one bad cell and nothing is returned. Up to 10,000 rows.
 */
export function readReadings(text: string, timeZone: string): ReadingsFile {
  const fail = (line: number, field: string, message: string): ReadingsFile => ({
    ok: false,
    problems: [{ line, field, message }],
  });
  const table = readCsv(text);
  if (table.header.length === 0) return fail(1, 'file', 'The file is empty.');
  const { columns, problems: headerProblems } = readHeader(table.header);
  if (headerProblems.length > 0) {
    return {
      ok: false,
      problems: headerProblems.map((message) => ({ line: 1, field: 'header', message })),
    };
  }
  if (table.rows.length === 0) return fail(2, 'file', 'The file has a header but no rows.');
  if (table.rows.length > MOST_ROWS) {
    return fail(1, 'file', `The file has ${table.rows.length} rows; the limit is ${MOST_ROWS}.`);
  }
  const context = { decimalComma: table.decimalComma, timeZone };
  const readings: ReadingFields[] = [];
  const problems: RowProblem[] = [];
  for (const { line, cells } of table.rows) {
    if (cells.length > columns.length) {
      problems.push({ line, field: 'row', message: `More cells than the header has columns.` });
    } else {
      const fields: Record<string, unknown> = { ...DEFAULTS };
      columns.forEach((column, i) => {
        const value = column.read(cells[i] ?? '', context);
        if (value !== undefined) fields[column.field] = value;
      });
      const checked = validate(readingSchema, fields);
      if (checked.ok) readings.push(checked.value);
      else {
        for (const { field, message } of checked.problems) {
          const name = columns.find((column) => column.field === field)?.name ?? field;
          problems.push({ line, field: name, message });
        }
      }
    }
    if (problems.length >= MOST_PROBLEMS) break;
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, readings };
}

const percent = (fraction: number) => Math.round(fraction * 1e4) / 100;

/** Readings as CSV that {@link readReadings} takes back unchanged. */
export function writeReadings(
  readings: readonly (Omit<ReadingFields, 'source'> & { source: string })[],
): string {
  const columns = [
    'time',
    'snow temperature [°C]',
    'spread [°C]',
    'air temperature [°C]',
    'humidity [%]',
    'grain',
    'sharpness',
    'origin',
    'wetness',
    'dirt',
    'glazed',
    'source',
    'spot',
    'note',
  ];
  return writeCsv(
    columns,
    readings.map((r) => [
      r.takenAt,
      r.temperatureC,
      r.temperatureSdC,
      r.airTemperatureC,
      percent(r.humidityFraction),
      r.grain,
      r.sharpness,
      r.origin,
      r.wetness,
      r.dirt,
      r.glazed ? 'yes' : 'no',
      r.source,
      r.spot,
      r.note,
    ]),
  );
}
