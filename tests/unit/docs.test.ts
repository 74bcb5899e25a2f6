import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { AIR_LIMITS } from '@/core/air/figures';
import { BOOK_NAMES, bookKind, columnsOf } from '@/core/book';
import { BENCH_FIGURES } from '@/core/bench/figures';
import { CHOICE_FIGURES, CHOICE_LIMITS } from '@/core/choice/figures';
import { CONSTANTS } from '@/core/constants';
import type { FigureTable, LimitTable } from '@/core/figure';
import { FRICTION_FIGURES, FRICTION_LIMITS } from '@/core/friction/figures';
import { GLIDE_FIGURES } from '@/core/glide';
import { PRACTICE_FIGURES } from '@/core/practice';
import { GRIP_FIGURES, GRIP_LIMITS } from '@/core/grip/figures';
import { SEASON_FIGURES } from '@/core/season';
import { PAST_FIGURES } from '@/core/past';
import { LEARN_FIGURES } from '@/core/learn';
import { INSTRUMENT_FIGURES, INSTRUMENT_LIMITS } from '@/core/instruments/figures';
import { IRON_FIGURES, IRON_LIMITS } from '@/core/iron/figures';
import { PAIR_FIGURES } from '@/core/pairs';
import { PLAN_FIGURES } from '@/core/plan';
import { QUICK_FIGURES } from '@/core/quick/figures';
import { SHELF_FIGURES } from '@/core/shelf/figures';
import { PRODUCT_FIELDS, READING_FIELDS, SKI_FIELDS, type Field } from '@/core/model';
import { SKI_FIGURES, SKI_LIMITS } from '@/core/ski/figures';
import { SNOW_FIGURES, SNOW_LIMITS } from '@/core/snow/figures';
import { SUN_LIMITS } from '@/core/sun/figures';
import { HOUSE, HOUSE_LIMIT_FIGURES, WAX_LIMITS } from '@/core/wax/figures';
import { answerOf, SITUATIONS } from './situations';

const TABLES: Record<string, FigureTable> = {
  Physics: CONSTANTS,
  Snow: SNOW_FIGURES,
  Instruments: INSTRUMENT_FIGURES,
  'Ledger and loss': HOUSE,
  'Ledger, fixed points': HOUSE_LIMIT_FIGURES,
  Friction: FRICTION_FIGURES,
  'Glide tests': GLIDE_FIGURES,
  Practice: PRACTICE_FIGURES,
  Learning: LEARN_FIGURES,
  'Days like this one': PAST_FIGURES,
  Season: SEASON_FIGURES,
  Choice: CHOICE_FIGURES,
  Shelf: SHELF_FIGURES,
  Grip: GRIP_FIGURES,
  Iron: IRON_FIGURES,
  Plan: PLAN_FIGURES,
  Pairs: PAIR_FIGURES,
  Skis: SKI_FIGURES,
  Bench: BENCH_FIGURES,
  'Quick answer': QUICK_FIGURES,
};
const LIMITS: Record<string, LimitTable> = {
  Air: AIR_LIMITS,
  Sun: SUN_LIMITS,
  Snow: SNOW_LIMITS,
  Instruments: INSTRUMENT_LIMITS,
  Ledger: WAX_LIMITS,
  Friction: FRICTION_LIMITS,
  Choice: CHOICE_LIMITS,
  Grip: GRIP_LIMITS,
  Iron: IRON_LIMITS,
  Skis: SKI_LIMITS,
};

/** A figure as a person writes it: `0.35`, `clear 6, 3; overcast 1, 2`. */
function written(value: unknown): string {
  if (Array.isArray(value)) return value.map(written).join(', ');
  if (typeof value !== 'object' || value === null) return String(value).replace('-', '−');
  return Object.entries(value)
    .map(([name, part]) => `${name} ${written(part)}`)
    .join('; ');
}

const UNITS: Partial<Record<string, string>> = {
  '°C': '[°C] [°F]',
  K: '[°C] [K] [°F]',
  '%': '[%] [1]',
  g: '[g] [kg]',
  cm: '[cm] [m]',
  mm: '[mm] [cm]',
  '°': '[°]',
};

/** What a field of a file may hold. */
function valuesOfField(field: Field): string {
  switch (field.type) {
    case 'number': {
      const [low, high] = field.range.map((end) => (field.unit === '%' ? end * 100 : end));
      return `${written(low)} to ${written(high)} ${field.unit.replace('K', '°C')}`.trim();
    }
    case 'choice':
      return field.of.join(', ');
    case 'choices':
      return `separated by +: ${field.of.join(', ')}`;
    case 'flag':
      return 'yes, no';
    case 'text':
      return `text, up to ${field.most} characters`;
    case 'instant':
    case 'moment':
      return 'with its zone, or local time of the venue';
    case 'clock':
      return 'time of day, such as 05:30';
    case 'day':
      return 'day, such as 2026-11-23';
    case 'colour':
      return '#rrggbb';
    case 'id':
      return 'id';
    case 'json':
      throw new Error('No file holds JSON in a cell.');
  }
}

function columnsInWords(fields: Readonly<Record<string, Field>>): string {
  const rows = Object.values(fields).flatMap((field) => {
    if (!field.csv) return [];
    const empty = Array.isArray(field.fallback) ? field.fallback.join('+') : field.fallback;
    const isNamed = empty !== undefined && empty !== null && empty !== '';
    const unit = field.type === 'number' ? (UNITS[field.unit] ?? '') : '';
    return [
      row([
        field.csv.join(', '),
        unit,
        field.isRequiredInCsv ? 'yes' : '',
        `${valuesOfField(field)}${isNamed ? `; ${empty === false ? 'no' : String(empty)} when empty` : ''}`,
      ]),
    ];
  });
  return [
    row(['Column', 'Unit', 'Needed', 'Values']),
    row(['---', '---', '---', '---']),
    ...rows,
  ].join('\n');
}

const row = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;

function tablesInWords(): string {
  const parts = Object.entries(TABLES).map(([title, table]) =>
    [
      `### ${title}`,
      '',
      row(['Figure', 'Value', '±', 'Unit', 'Why, or where published']),
      row(['---', '---', '---', '---', '---']),
      ...Object.entries(table).map(([name, figure]) =>
        row([
          name,
          written(figure.mean),
          figure.sd === undefined ? '' : String(figure.sd),
          figure.unit,
          'reason' in figure ? figure.reason : figure.source,
        ]),
      ),
    ].join('\n'),
  );
  const limits = Object.entries(LIMITS).flatMap(([domain, table]) =>
    Object.entries(table).map(([name, { range, unit, reason }]) =>
      row([domain, name, written(range), unit, reason]),
    ),
  );
  return [
    ...parts,
    [
      '### Within what values are believed',
      '',
      row(['Domain', 'Value', 'From, to', 'Unit', 'Why']),
      row(['---', '---', '---', '---', '---']),
      ...limits,
    ].join('\n'),
  ].join('\n\n');
}

/** A document with its written part, between two marks, made anew. */
function withPart(file: string, mark: string, part: string): string {
  const command = mark === 'situations' ? 'WRITE_SITUATIONS=1 npm run docs' : 'npm run docs';
  const begin = `<!-- ${mark}: written by ${command} -->`;
  const end = `<!-- end of ${mark} -->`;
  const text = readFileSync(file, 'utf8');
  const [before, rest = ''] = text.split(begin);
  const [, after = ''] = rest.split(end);
  const wanted = `${before}${begin}\n\n${part}\n\n${end}${after}`;
  // An answer to a situation is an expectation, not a document: it is rewritten only when that is what one wants.
  const flag = mark === 'situations' ? process.env.WRITE_SITUATIONS : process.env.WRITE_DOCS;
  if (flag === '1') writeFileSync(file, wanted);
  return wanted;
}

it('the figures of models.md are those that the core computes with', () => {
  const wanted = withPart('docs/models.md', 'figures', tablesInWords());
  expect(readFileSync('docs/models.md', 'utf8')).toBe(wanted);
});

it.each([
  ['readings', READING_FIELDS],
  ['products', PRODUCT_FIELDS],
  ['skis', SKI_FIELDS],
])('the columns of %s in files.md are those of its field table', (name, fields) => {
  const wanted = withPart('docs/files.md', `columns of ${name}`, columnsInWords(fields));
  expect(readFileSync('docs/files.md', 'utf8')).toBe(wanted);
});

/** A column of a book with what it may hold. */
function bookColumn([column, field]: [string, Field]): string {
  const values = field.type === 'number' && field.unit !== '' ? ` (${field.unit})` : '';
  const words = field.type === 'choice' ? ` (${field.of.join(', ')})` : '';
  return `\`${column}\`${values}${words}${field.isRequired ? '' : '?'}`;
}

it('the kinds of a book in files.md are those that are handed on', () => {
  const rows = BOOK_NAMES.map((name) => {
    const { keys, rule } = bookKind(name);
    const columns = Object.entries(columnsOf(name)).map(bookColumn);
    return row([name, keys.join(', '), rule, columns.join(', ')]);
  });
  const part = [
    row(['Kind', 'Named by', 'Rule', 'Columns (? may be null)']),
    row(['---', '---', '---', '---']),
    ...rows,
  ].join('\n');
  const wanted = withPart('docs/files.md', 'kinds of a book', part);
  expect(readFileSync('docs/files.md', 'utf8')).toBe(wanted);
});

it('the forty situations of models.md get the answers that are told there', () => {
  expect(SITUATIONS).toHaveLength(40);
  const part = [
    row(['The morning', 'Asks for', 'Wax of the day', 'Layers', 'Grip and cautions']),
    row(['---', '---', '---', '---', '---']),
    ...SITUATIONS.map((one) => row(answerOf(one))),
  ].join('\n');
  const wanted = withPart('docs/models.md', 'situations', part);
  expect(readFileSync('docs/models.md', 'utf8')).toBe(wanted);
});
