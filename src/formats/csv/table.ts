import Papa from 'papaparse';
import { boundsProblem, isTooLong, tooLong, type BoundsProblem } from './bounds';
import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.csvTable;

/** A CSV file as text cells: the header and the rows, each with its line in the file. */
export interface CsvTable {
  header: string[];
  rows: { line: number; cells: string[] }[];
  /** True where the decimal sign may be a comma, since the columns are not parted by one. */
  decimalComma: boolean;
}

const DELIMITERS = [';', '\t', ','];
const MOST_NUMBER = 40;

const quoteWords = (): Readonly<Record<string, string>> => ({
  MissingQuotes: WORDS.quoteUnclosed,
  InvalidQuotes: WORDS.quoteInside,
});

function linesIn(cells: readonly string[]): number {
  let lines = 1;
  for (const cell of cells) {
    for (let at = cell.indexOf('\n'); at >= 0; at = cell.indexOf('\n', at + 1)) lines += 1;
  }
  return lines;
}

/**
 * Reads CSV text parted by comma, semicolon or tab, with or without a byte order mark, of any line ends;
 * blank lines are skipped. Anything that the parser is not sure of refuses the file, at its line.
 */
export function readCsv(
  text: string,
  mostRows: number,
): { ok: true; table: CsvTable } | { ok: false; problem: BoundsProblem } {
  const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
  const bounds = boundsProblem(plain, { rows: mostRows });
  if (bounds) return { ok: false, problem: bounds };
  const { data, meta, errors } = Papa.parse<string[]>(plain, { delimitersToGuess: DELIMITERS });
  const broken = errors.find((error) => error.type === 'Quotes');
  const rows: CsvTable['rows'] = [];
  let line = 1;
  for (const [at, cells] of data.entries()) {
    if (broken && at === (broken.row ?? 0)) {
      return { ok: false, problem: { line, message: quoteWords()[broken.code] ?? broken.message } };
    }
    if (cells.some(isTooLong)) return { ok: false, problem: { line, message: tooLong() } };
    if (cells.some((cell) => cell.trim() !== '')) rows.push({ line, cells });
    line += linesIn(cells);
  }
  if (broken) return { ok: false, problem: { line, message: broken.message } };
  const header = rows.shift()?.cells ?? [];
  return { ok: true, table: { header, rows, decimalComma: meta.delimiter !== ',' } };
}

/**
 * Where a spreadsheet begins a cell within a text: some part cells by semicolons or tabs, whatever the file says, and a
 * line break begins one too.
 */
const ARMED = /([;\t\r\n]\s*)(?=[=+\-@])/g;
const DISARMED = /(^|[;\t\r\n]\s*)'(?=[=+\-@])/g;

const disarmed = (cell: unknown) => (typeof cell === 'string' ? cell.replace(ARMED, "$1'") : cell);

/** A text as it was before it was written. */
export const armedAgain = (text: string): string => text.replace(DISARMED, '$1');

/** Writes rows as CSV, with their header or without; text that a spreadsheet would run as a formula is disarmed. */
export function writeCsv(
  columns: readonly string[],
  rows: readonly unknown[][],
  hasHeader = true,
): string {
  const text = Papa.unparse(
    { fields: [...columns], data: rows.map((row) => row.map(disarmed)) },
    { escapeFormulae: true, newline: '\r\n', header: hasHeader },
  );
  // A header alone would end with a line break, and so leave a blank line before what follows.
  return rows.length === 0 ? text.trimEnd() : text;
}

/**
 * A number as a person may write it: surrounding blanks, a typographic minus, and a decimal comma
 * where allowed. Undefined for an empty cell, NaN for anything else or longer than a number is.
 */
export function parseNumber(text: string, decimalComma: boolean): number | undefined {
  let cell = text.trim();
  if (cell === '') return undefined;
  if (cell.length > MOST_NUMBER) return NaN;
  cell = cell.replace(/^[−–]/, '-');
  if (decimalComma) cell = cell.replace(',', '.');
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(cell) ? Number(cell) : NaN;
}
