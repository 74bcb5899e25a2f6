import { writeCsv } from './table';

/** What a line of the practice file shows of an answer. */
export interface AnswerLine {
  answeredAt: string;
  name: string;
  drill: string;
  topic: string;
  quality: number;
  seconds: number;
  mark: { biasK?: number; costS?: number };
}

const COLUMNS = ['time', 'name', 'drill', 'topic', 'marks [%]', 'bias [K]', 'cost [s]', 'took [s]'];

const rounded = (value: number | undefined, places: number) =>
  value === undefined ? undefined : Number(value.toFixed(places));

/** Answers of practice as CSV, a line each. */
export const writeAnswers = (answers: readonly AnswerLine[], hasHeader = true): string =>
  writeCsv(
    COLUMNS,
    answers.map(({ answeredAt, name, drill, topic, quality, seconds, mark }) => [
      answeredAt,
      name,
      drill,
      topic,
      rounded(100 * quality, 1),
      rounded(mark.biasK, 2),
      rounded(mark.costS, 2),
      seconds,
    ]),
    hasHeader,
  );
