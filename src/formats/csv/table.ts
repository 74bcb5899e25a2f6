import Papa from 'papaparse';

/** A CSV file as text cells: the header and the rows, each with its line in the file. */
export interface CsvTable {
  header: string[];
  rows: { line: number; cells: string[] }[];
  /** True where the decimal sign may be a comma, since the columns are not parted by one. */
  decimalComma: boolean;
}

const DELIMITERS = [';', '\t', ','];
const linesIn = (cells: readonly string[]) =>
  1 + cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0);

/** Reads CSV text parted by comma, semicolon or tab, with or without a byte order mark,
 * of any line ends. Blank lines are skipped. */
export function readCsv(text: string): CsvTable {
  const { data, meta } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n'), {
    delimitersToGuess: DELIMITERS,
  });
  const rows: CsvTable['rows'] = [];
  let line = 1;
  for (const cells of data) {
    if (cells.some((cell) => cell.trim() !== '')) rows.push({ line, cells });
    line += linesIn(cells);
  }
  const header = rows.shift()?.cells ?? [];
  return { header, rows, decimalComma: meta.delimiter !== ',' };
}

/** Writes rows as CSV with a header; text that a spreadsheet would run as a formula is disarmed. */
export function writeCsv(columns: readonly string[], rows: readonly unknown[][]): string {
  return Papa.unparse(
    { fields: [...columns], data: rows as unknown[][] },
    { escapeFormulae: true, newline: '\r\n' },
  );
}

/**
 * A number as a person may write it: surrounding blanks, a typographic minus, and a decimal comma
 * where allowed. Undefined for an empty cell, NaN for anything else.
 */
export function parseNumber(text: string, decimalComma: boolean): number | undefined {
  let cell = text.trim().replace(/^[−–]/, '-');
  if (cell === '') return undefined;
  if (decimalComma) cell = cell.replace(',', '.');
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(cell) ? Number(cell) : NaN;
}
