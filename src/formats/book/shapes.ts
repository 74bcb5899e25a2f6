import type { BookName, BookRecord } from '../../core/book';

type Shape = 'list' | 'object' | 'flag' | 'word' | readonly string[];

/** What the JSON of a column is: a list, an object, or an object with these keys. */
const SHAPES: Partial<Record<BookName, Readonly<Record<string, Shape>>>> = {
  course: { segments: 'list' },
  choice: {
    inputs: ['snow', 'outing', 'own', 'products'],
    ledger: 'list',
    ranking: 'list',
    details: 'object',
  },
  job: { sheet: ['title', 'steps'] },
  ski_event: { details: 'object' },
  glide_test: { skis: 'list', hill: ['dropM', 'lengthM'], snow: ['temperatureC'] },
  grip_note: { content: 'object' },
  bench_plan: {
    wish: ['outingIds'],
    cabin: ['people', 'irons'],
    pairs: 'list',
    tasks: 'list',
    left_out: 'list',
    lower_bound: 'object',
  },
};

/** The settings of a team, by their key. */
const SETTINGS: Readonly<Record<string, Shape>> = {
  methods: 'object',
  ventilated: 'flag',
  tools: 'list',
  baseType: 'word',
  irons: 'list',
  cabin: ['people', 'irons'],
  planWish: ['outingIds'],
  learning: ['excluded'],
};

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

function fits(value: unknown, shape: Shape): boolean {
  if (shape === 'list') return Array.isArray(value);
  if (shape === 'flag') return typeof value === 'boolean';
  if (shape === 'word') return typeof value === 'string';
  return isObject(value) && (shape === 'object' || shape.every((key) => key in value));
}

/** Columns whose JSON is not what the app would have written there. */
export function misshapen(name: BookName, record: BookRecord): string[] {
  if (name === 'team_setting') {
    const shape = SETTINGS[String(record.key)];
    return shape && fits(record.value, shape) ? [] : ['value'];
  }
  return Object.entries(SHAPES[name] ?? {})
    .filter(([column, shape]) => (record[column] ?? null) !== null && !fits(record[column], shape))
    .map(([column]) => column);
}
