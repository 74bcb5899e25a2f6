import { writeCsv } from './table';

/** A line of a season's file: a product, a pair or a choice; what a kind does not have is empty. */
export interface SeasonLine {
  kind: 'product' | 'pair' | 'choice';
  name: string;
  grams?: number;
  cost?: number;
  jobs?: number;
  coats?: number;
  km?: number;
  start?: string;
  wax?: string;
  best?: string;
  lostSeconds?: number;
}

const COLUMNS = [
  'kind',
  'name',
  'grams [g]',
  'cost',
  'jobs',
  'coats',
  'distance [km]',
  'start',
  'taken',
  'best',
  'lost [s]',
];

const rounded = (value: number | undefined, places: number) =>
  value === undefined ? undefined : Number(value.toFixed(places));

/** A season as CSV. */
export const writeSeason = (lines: readonly SeasonLine[], hasHeader = true): string =>
  writeCsv(
    COLUMNS,
    lines.map((one) => [
      one.kind,
      one.name,
      rounded(one.grams, 1),
      rounded(one.cost, 2),
      one.jobs,
      one.coats,
      rounded(one.km, 1),
      one.start,
      one.wax,
      one.best,
      rounded(one.lostSeconds, 2),
    ]),
    hasHeader,
  );
