import { writeCsv } from './table';

/** A line of the plan's file: one visit of one pair. */
export interface PlanLine {
  person?: string;
  begin: string;
  end: string;
  station: string;
  wax?: string;
  ironC?: number;
  iron?: string;
  pair: string;
  skier: string;
  outing: string;
  waitMin?: number;
}

const COLUMNS = [
  'person',
  'begin',
  'end',
  'station',
  'wax',
  'iron temperature [°C]',
  'iron',
  'pair',
  'skier',
  'outing',
  'wait after it [min]',
];

/** The plan as CSV, a line a visit; times with their zone. */
export function writePlan(lines: readonly PlanLine[], hasHeader = true): string {
  return writeCsv(
    COLUMNS,
    lines.map((line) => [
      line.person ?? '',
      line.begin,
      line.end,
      line.station,
      line.wax ?? '',
      line.ironC ?? '',
      line.iron ?? '',
      line.pair,
      line.skier,
      line.outing,
      line.waitMin ?? '',
    ]),
    hasHeader,
  );
}
