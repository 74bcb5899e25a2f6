import type { InferType, Schema } from 'yup';
import { validate } from '../schemas/validation';
import type { Cell } from './cells';
import { readCsv } from './table';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.csvTypedRows;

export interface RowProblem {
  line: number;
  field: string;
  message: string;
}

export type TypedRows<T> = { ok: true; rows: T[] } | { ok: false; problems: RowProblem[] };

/** A column of a file: the field it fills and the units its header may name. */
export interface Column {
  field: string;
  units: Record<string, Cell>;
}

/** What a kind of file looks like. */
export interface FileKind<S extends Schema> {
  columns: Record<string, Column>;
  required: readonly string[];
  /** What an absent column or an empty cell stands for. */
  defaults: object;
  schema: S;
  mostRows: number;
  /** Fills what other fields of the row imply, before it is checked. */
  complete?: (fields: Record<string, unknown>) => Record<string, unknown>;
}

const MOST_PROBLEMS = 100;

interface HeaderColumn {
  name: string;
  field: string;
  read: Cell;
}

/** `Snow_temperature [°C]` → its name and its unit, in lower case; the unit is empty where there is none. */
function nameAndUnit(cell: string): { name: string; unit: string } {
  const text = cell.trim();
  const opens = text.search(/[[(]/);
  const isClosed = text.endsWith(']') || text.endsWith(')');
  const [name, unit] =
    opens >= 0 && isClosed ? [text.slice(0, opens), text.slice(opens + 1, -1)] : [text, ''];
  return {
    name: name.trim().toLowerCase().replace(/_/g, ' '),
    unit: unit.trim().toLowerCase(),
  };
}

function readHeaderCell(known: Record<string, Column>, cell: string): HeaderColumn | string {
  const { name, unit } = nameAndUnit(cell);
  const column = Object.hasOwn(known, name) ? known[name] : undefined;
  if (!column) {
    return WORDS.columnUnknown(cell.slice(0, 40), Object.keys(known).join(', '));
  }
  const read = Object.hasOwn(column.units, unit) ? column.units[unit] : undefined;
  if (!read) {
    const units = Object.keys(column.units).filter(Boolean);
    return units.length === 0
      ? WORDS.columnWithoutUnit(name, name)
      : WORDS.columnNeedsUnit(name, name, units[0] === '°c' ? '°C' : units[0]!);
  }
  return { name, field: column.field, read };
}

function readHeader(
  header: readonly string[],
  kind: FileKind<Schema>,
): { columns: HeaderColumn[]; problems: string[] } {
  const columns: HeaderColumn[] = [];
  const problems: string[] = [];
  for (const cell of header) {
    if (problems.length >= MOST_PROBLEMS) break;
    const column = readHeaderCell(kind.columns, cell);
    if (typeof column === 'string') problems.push(column);
    else if (columns.some((one) => one.field === column.field))
      problems.push(WORDS.columnStandsTwice(column.name));
    else columns.push(column);
  }
  for (const name of kind.required) {
    if (problems.length === 0 && !columns.some((column) => column.name === name)) {
      problems.push(WORDS.columnIsMissing(name));
    }
  }
  return { columns, problems };
}

/**
 * The rows of a CSV file, checked: comma, semicolon or tab; decimal comma with the latter two; units in
 * the header. `timeZone` is the clock of times without a zone. Every bad cell is reported by line and
 * column (up to 100); one bad cell and nothing is returned.
 */
export function readTypedRows<S extends Schema>(
  text: string,
  kind: FileKind<S>,
  timeZone: string,
): TypedRows<InferType<S>> & { lines?: number[] } {
  const fail = (line: number, field: string, message: string) => ({
    ok: false as const,
    problems: [{ line, field, message }],
  });
  const read = readCsv(text, kind.mostRows);
  if (!read.ok) return fail(read.problem.line, 'file', read.problem.message);
  const { table } = read;
  if (table.header.length === 0) return fail(1, 'file', WORDS.theFileIsEmpty);
  const { columns, problems: headerProblems } = readHeader(table.header, kind);
  if (headerProblems.length > 0) {
    return {
      ok: false,
      problems: headerProblems.map((message) => ({ line: 1, field: 'header', message })),
    };
  }
  if (table.rows.length === 0) return fail(2, 'file', WORDS.headerOnly);
  if (table.rows.length > kind.mostRows) {
    return fail(1, 'file', WORDS.rowsOverLimit(table.rows.length, kind.mostRows));
  }
  const context = { decimalComma: table.decimalComma, timeZone };
  const rows: InferType<S>[] = [];
  const problems: RowProblem[] = [];
  for (const { line, cells } of table.rows) {
    if (cells.length > columns.length) {
      problems.push({ line, field: 'row', message: WORDS.moreCellsThanTheHeader });
    } else {
      const fields: Record<string, unknown> = { ...kind.defaults };
      columns.forEach((column, i) => {
        const value = column.read(cells[i] ?? '', context);
        if (value !== undefined) fields[column.field] = value;
      });
      const checked = validate(kind.schema, kind.complete ? kind.complete(fields) : fields);
      if (checked.ok) rows.push(checked.value);
      else {
        for (const { field, message } of checked.problems.slice(0, MOST_PROBLEMS)) {
          const name = columns.find((column) => column.field === field)?.name ?? field;
          problems.push({ line, field: name, message });
        }
      }
    }
    if (problems.length >= MOST_PROBLEMS) break;
  }
  return problems.length > 0
    ? { ok: false, problems: problems.slice(0, MOST_PROBLEMS) }
    : { ok: true, rows, lines: table.rows.map((row) => row.line) };
}
