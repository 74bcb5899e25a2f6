import { writeCsv } from './table';

/** What a line of the choices file shows of a choice. */
export interface ChoiceLine {
  createdAt: string;
  outingId: string;
  productName: string;
  equivalentTemperatureC: number;
  hardness: number;
  ranking: readonly { id: string; expectedLossPercent: number; probabilityBest: number }[];
  productId: string;
  modelVersion: string;
  note?: string;
}

const COLUMNS = [
  'time',
  'outing',
  'wax',
  'equivalent temperature [°C]',
  'hardness',
  'expected loss [%]',
  'probability best [%]',
  'model version',
  'note',
];

const rounded = (value: number, places: number) => Number(value.toFixed(places));

/** Choices as CSV, a line each; the JSON export holds the ledgers and rankings as well. */
export function writeChoices(choices: readonly ChoiceLine[], hasHeader = true): string {
  return writeCsv(
    COLUMNS,
    choices.map((choice) => {
      const taken = choice.ranking.find((one) => one.id === choice.productId);
      return [
        choice.createdAt,
        choice.outingId,
        choice.productName,
        rounded(choice.equivalentTemperatureC, 2),
        rounded(choice.hardness, 1),
        taken && rounded(taken.expectedLossPercent, 3),
        taken && rounded(taken.probabilityBest * 100, 1),
        choice.modelVersion,
        choice.note,
      ];
    }),
    hasHeader,
  );
}
