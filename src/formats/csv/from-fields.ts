import type { Field } from '../../core/model';
import {
  fractionUnits,
  numberCell,
  temperatureUnits,
  textCell,
  timeCell,
  withoutUnit,
  wordCell,
  YES_NO,
  type Cell,
} from './cells';
import type { Column } from './typed-rows';

type Fields = Readonly<Record<string, Field>>;

const PER_KELVIN = 1.8;
const times = (factor: number) => numberCell((value) => value * factor);

/** Units that a figure of each kind may stand in; the first is the one it is written in. */
const UNITS: Record<Extract<Field, { type: 'number' }>['unit'], Record<string, Cell>> = {
  '': { '': numberCell(), '1': numberCell() },
  '°C': temperatureUnits,
  K: {
    '°c': numberCell(),
    c: numberCell(),
    k: numberCell(),
    '°f': times(1 / PER_KELVIN),
    f: times(1 / PER_KELVIN),
  },
  '%': fractionUnits,
  g: { g: numberCell(), kg: times(1000) },
  cm: { cm: numberCell(), m: times(100) },
  mm: { mm: numberCell(), cm: times(10) },
  m: { m: numberCell(), km: times(1000) },
  '°': { '°': numberCell(), deg: numberCell(), '': numberCell() },
  km: { km: numberCell(), m: times(1 / 1000) },
  h: { h: numberCell() },
  kg: { kg: numberCell(), g: times(1 / 1000) },
  min: { min: numberCell(), h: times(60) },
  'm/s': { 'm/s': numberCell() },
  'W/m²': { 'w/m²': numberCell() },
};

/** Words parted by +, / or |. */
const wordsCell: Cell = (text, context) => {
  const words = text
    .split(/[+/|]/)
    .map((word) => wordCell(word, context))
    .filter((word) => word !== undefined && word !== 'none');
  return words.length > 0 ? words : undefined;
};
const yesNoCell: Cell = (text) => YES_NO[text.trim().toLowerCase()] ?? (text.trim() || undefined);

function cellsOf(field: Field): Record<string, Cell> {
  switch (field.type) {
    case 'number':
      return UNITS[field.unit];
    case 'choice':
      return withoutUnit(wordCell);
    case 'choices':
      return withoutUnit(wordsCell);
    case 'flag':
      return withoutUnit(yesNoCell);
    case 'moment':
      return withoutUnit(timeCell);
    default:
      return withoutUnit(textCell);
  }
}

const inFiles = (fields: Fields) =>
  Object.entries(fields).flatMap(([key, field]) =>
    field.csv ? [{ key, field, csv: field.csv }] : [],
  );

/** The columns of an entity's file, by header and alias; `own` where a kind of file reads a field its own way. */
export const columnsFrom = (
  fields: Fields,
  own: Readonly<Record<string, Record<string, Cell>>> = {},
): Record<string, Column> =>
  Object.fromEntries(
    inFiles(fields).flatMap(({ key, field, csv }) =>
      csv.map((name) => [name, { field: key, units: own[key] ?? cellsOf(field) }] as const),
    ),
  );

/** Headers that a file of an entity must have. */
export const requiredIn = (fields: Fields): string[] =>
  inFiles(fields).flatMap(({ field, csv }) => (field.isRequiredInCsv ? [csv[0]] : []));

const HUNDREDTHS = 1e4;
const SHOWN_UNIT: Partial<Record<string, string>> = { K: '°C' };

function written(field: Field, value: unknown): string | number | null | undefined {
  if (Array.isArray(value)) return value.join('+');
  if (field.type === 'flag') return value === true ? 'yes' : 'no';
  // A fraction is written in per cent, to a hundredth.
  if (field.type === 'number' && field.unit === '%' && typeof value === 'number') {
    return Math.round(value * HUNDREDTHS) / 100;
  }
  return value as string | number | null | undefined;
}

/** The header of an entity's file, with units, and its rows. */
export function tableFrom(fields: Fields, entities: readonly object[]) {
  const columns = inFiles(fields);
  return {
    header: columns.map(({ field, csv: [name] }) =>
      field.type === 'number' && field.unit !== ''
        ? `${name} [${SHOWN_UNIT[field.unit] ?? field.unit}]`
        : name,
    ),
    rows: entities.map((entity) =>
      columns.map(
        ({ key, field }) => written(field, (entity as Record<string, unknown>)[key]) ?? '',
      ),
    ),
  };
}
