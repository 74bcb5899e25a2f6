/** What kind of value a field holds, with what one must know to check, store, show and write it. */
export type FieldKind =
  | { type: 'id' }
  | { type: 'text'; most: number }
  | { type: 'number'; range: readonly [number, number]; unit: FieldUnit }
  | { type: 'choice'; of: readonly string[] }
  | { type: 'choices'; of: readonly string[] }
  | { type: 'flag' }
  | { type: 'moment' }
  /** A moment that the code counts in ms and the table keeps as ISO 8601. */
  | { type: 'instant' }
  /** Kept whole, as JSON. */
  | { type: 'json' }
  | { type: 'day' }
  /** A time of day on the venue's clock, 05:30. */
  | { type: 'clock' }
  | { type: 'colour' };

export type FieldUnit =
  | ''
  | '°C'
  | 'K'
  | '%'
  | 'g'
  | 'cm'
  | 'mm'
  | 'm'
  | '°'
  | 'km'
  | 'h'
  | 'min'
  | 'kg'
  | 'm/s'
  | 'W/m²';

/** One field of an entity, declared once: checks, rows, files, forms, the API and the docs follow from it. */
export type Field = FieldKind & {
  isRequired?: boolean;
  /** Stored always, but filled in by the fallback where it is not handed in. */
  mayBeLeftOut?: boolean;
  /** Set by the server: never typed, never in a file. */
  isInternal?: boolean;
  /** Column of the table, where it is not the key in snake case; `none` where the table has none. */
  column?: string;
  /** Header in a CSV file, and further names it is read by; absent: not in files. */
  csv?: readonly [header: string, ...aliases: string[]];
  /** True where a file must have the column. */
  isRequiredInCsv?: boolean;
  /** What it is where nobody said. */
  fallback?: unknown;
};

type OwnKeys<Fields> = {
  [Key in keyof Fields]: Fields[Key] extends { isInternal: true } ? never : Key;
}[keyof Fields];

/** What a person hands in of an entity, with every such key; what the server set is left out. */
export const handedIn = <Fields extends Readonly<Record<string, Field>>, Entity extends object>(
  fields: Fields,
  entity: Entity,
): Pick<Entity, Extract<OwnKeys<Fields>, keyof Entity>> =>
  Object.fromEntries(
    Object.entries(fields)
      .filter(([, { isInternal }]) => isInternal !== true)
      .map(([key]) => [key, (entity as Readonly<Record<string, unknown>>)[key]]),
  ) as Pick<Entity, Extract<OwnKeys<Fields>, keyof Entity>>;

/** A field table has every key of its entity: one that is left out does not compile. */
export type FieldsOf<Entity> = { readonly [Key in keyof Required<Entity>]: Field };

/** `labelLowC` → `label_low_c`. */
export const columnOf = (key: string, { column }: Pick<Field, 'column'>): string =>
  column ?? key.replace(/[A-Z]/g, (letter) => `_${letter.toLowerCase()}`);

type Snake<Text extends string> = Text extends `${infer First}${infer Rest}`
  ? `${First extends Lowercase<First> ? First : `_${Lowercase<First>}`}${Snake<Rest>}`
  : '';
type ColumnOf<Key, F> = F extends { column: infer Column }
  ? Column
  : Key extends string
    ? Snake<Key>
    : never;
type StoredAs<F> = F extends { type: 'number' }
  ? number
  : F extends { type: 'flag' }
    ? 0 | 1
    : F extends { type: 'choice'; of: readonly (infer Word)[] }
      ? Word
      : string;

/** The row that a field table stands for: its columns with what they store. */
export type RowOf<Fields> = {
  [
    Key in keyof Fields as Exclude<ColumnOf<Key, Fields[Key]>, 'none'> & string
  ]: Fields[Key] extends {
    isRequired: true;
  }
    ? StoredAs<Fields[Key]>
    : StoredAs<Fields[Key]> | null;
};
