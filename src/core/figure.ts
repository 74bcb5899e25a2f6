/** Figures of the craft: one number, or several that belong together. */
type Figures = number | readonly Figures[] | { readonly [name: string]: Figures };

/** A figure with what one must know of it: its unit, and either the reason for it or where it is published. */
export type Figure<V = Figures> = {
  mean: V;
  /** One standard deviation, where the figure is uncertain. */
  sd?: number;
  unit: string;
  /** Where it holds, or may lie. */
  range?: readonly [number, number];
} & ({ reason: string } | { source: string });

export type FigureTable = Readonly<Record<string, Figure>>;

/** Literal numbers as numbers, at any depth. */
type Plain<V> = V extends number ? number : { readonly [K in keyof V]: Plain<V[K]> };
export type ValuesOf<T extends FigureTable> = { readonly [K in keyof T]: Plain<T[K]['mean']> };

/** The means of a table by name: what formulas use. */
export const valuesOf = <const T extends FigureTable>(table: T): ValuesOf<T> =>
  Object.fromEntries(
    Object.entries(table).map(([name, { mean }]) => [name, mean]),
  ) as unknown as ValuesOf<T>;

/** Within what a value of the craft is believed; beyond it somebody mistyped. */
export interface Limit {
  range: readonly [number, number];
  unit: string;
  reason: string;
}
export type LimitTable = Readonly<Record<string, Limit>>;
