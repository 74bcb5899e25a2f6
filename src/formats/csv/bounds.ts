import { formatsScreenWords } from '../../words/screens/formats';

const WORDS = formatsScreenWords.csvBounds;
/** How large a file may be, beside its bytes. */
export interface CsvBounds {
  /** Rows without the header. */
  rows: number;
}

/** A limit that a file breaks, at its line. */
export interface BoundsProblem {
  line: number;
  message: string;
}

const MOST_CELL = 2000;
const MOST_COLUMNS = 200;
/** Blank lines between the rows that are still no fault. */
const MOST_BLANK = 2000;

const [NEWLINE, QUOTE, COMMA, SEMICOLON, TAB] = [10, 34, 44, 59, 9];

/**
 * Walks once over the text before anything is made of it: the first line that has too many columns, a
 * cell that is too long, or more lines than there may be. Undefined where all is within bounds. Line ends
 * must be `\n`.
 */
export function boundsProblem(text: string, { rows }: CsvBounds): BoundsProblem | undefined {
  let [line, cellLength, delimiters, isQuoted] = [1, 0, 0, false];
  for (let i = 0; i < text.length; i += 1) {
    const code = text.charCodeAt(i);
    if (code === NEWLINE) {
      line += 1;
      if (line > rows + MOST_BLANK) {
        return { line, message: WORDS.tooManyRows(rows) };
      }
    }
    if (code === QUOTE) isQuoted = !isQuoted;
    const isDelimiter = code === COMMA || code === SEMICOLON || code === TAB;
    if (!isQuoted && (isDelimiter || code === NEWLINE)) {
      cellLength = 0;
      delimiters = isDelimiter ? delimiters + 1 : 0;
      if (delimiters >= MOST_COLUMNS) {
        return { line, message: WORDS.tooManyColumns(MOST_COLUMNS) };
      }
    } else {
      cellLength += 1;
      if (cellLength > MOST_CELL && !isQuoted) {
        return { line, message: tooLong() };
      }
    }
  }
  return undefined;
}

export const isTooLong = (cell: string): boolean => cell.length > MOST_CELL;
export const tooLong = () => WORDS.cellTooLong(MOST_CELL);
