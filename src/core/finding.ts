/** How grave a finding is: harm to people or skis, a worse day than need be, or good to know. */
export type Gravity = 'danger' | 'caution' | 'note';

/** For a code that carries no figures. */
export type NoFigures = unknown;

/**
 * Findings of a domain from a table of their codes and figures: `{ code: 'too_soft', byK: 2 }`. Figures are SI:
 * temperatures in °C, differences in K. How a code is said stands in src/words; a code without words does not compile.
 */
export type FindingOf<Table> = {
  [Code in keyof Table & string]: Readonly<{ code: Code } & Table[Code]>;
}[keyof Table & string];

/** Findings that say how grave they are. */
export type GradedFindingOf<Table> = FindingOf<Table> & { readonly gravity: Gravity };

/** Any finding at all. */
export interface AnyFinding {
  readonly code: string;
  readonly gravity?: Gravity;
}

/** A finding with how it was said: what an answer carries and what is stored. */
export interface Said {
  code: string;
  gravity: Gravity;
  /** Figures of the finding, SI. */
  parameters: Record<string, unknown>;
  message: string;
}

const WEIGHT: Record<Gravity, number> = { danger: 2, caution: 1, note: 0 };

/** The gravest of findings, the first of equals; undefined of none. */
export function gravest<F extends { gravity: Gravity }>(findings: readonly F[]): F | undefined {
  return findings.reduce<F | undefined>(
    (worst, next) => (worst && WEIGHT[worst.gravity] >= WEIGHT[next.gravity] ? worst : next),
    undefined,
  );
}
