/** The one error a pure function throws for a caller's mistake (NaN included). */
export class DomainError extends Error {
  readonly code: string;
  readonly field: string;
  readonly value: unknown;

  constructor(code: string, field: string, value: unknown, message: string) {
    super(message);
    this.name = 'DomainError';
    this.code = code;
    this.field = field;
    this.value = value;
  }
}

/**
 * Returns `value` when it is a finite number within [low, high]; otherwise throws DomainError
 * `out_of_range` naming the field.
 */
export function requireWithin(field: string, value: number, low: number, high: number): number {
  if (!Number.isFinite(value) || value < low || value > high) {
    throw new DomainError(
      'out_of_range',
      field,
      value,
      `${field} must be a number from ${low} to ${high}; got ${String(value)}`,
    );
  }
  return value;
}
