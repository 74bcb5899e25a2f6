/** A straight model fitted to values. */
export interface Fit {
  coefficients: number[];
  /** (XᵀX)⁻¹: times the variance of a value, that of the coefficients. */
  unitCovariance: number[][];
  residuals: number[];
  /** How much each value pulls the fit to itself, 0…1. */
  leverages: number[];
  /** Sum of the squared residuals. */
  squares: number;
  /** Degrees of freedom left. */
  freedom: number;
}

/** A pivot so small beside its column says that the column is made of others. */
const LEAST_PIVOT = 1e-10;

/** Inverse of a symmetric matrix by Gauss and Jordan; undefined where it has none. */
export function inverseOf(matrix: readonly (readonly number[])[]): number[][] | undefined {
  const size = matrix.length;
  const rows = matrix.map((row, i) => [...row, ...row.map((_, j) => Number(i === j))]);
  const scales = matrix.map((row, i) => row[i]!);
  for (let at = 0; at < size; at += 1) {
    let best = at;
    for (let i = at + 1; i < size; i += 1) {
      if (Math.abs(rows[i]![at]!) > Math.abs(rows[best]![at]!)) best = i;
    }
    [rows[at], rows[best]] = [rows[best]!, rows[at]!];
    const pivot = rows[at]![at]!;
    // One so small that nothing can be divided by it is none.
    const isPivot = Math.abs(pivot) > LEAST_PIVOT * scales[at]! && Number.isFinite(1 / pivot);
    if (!isPivot) return undefined;
    const row = rows[at]!.map((value) => value / pivot);
    rows[at] = row;
    for (let i = 0; i < size; i += 1) {
      if (i === at) continue;
      const factor = rows[i]![at]!;
      rows[i] = rows[i]!.map((value, j) => value - factor * row[j]!);
    }
  }
  return rows.map((row) => row.slice(size));
}

const dot = (a: readonly number[], b: readonly number[]) =>
  a.reduce((sum, value, k) => sum + value * b[k]!, 0);

/**
 * Ordinary least squares: a row of regressors for each value. Undefined where the regressors do not determine the
 * coefficients. Example: rows (1, 0), (1, 1), (1, 2), values 1, 3, 5 → coefficients 1 and 2, no squares left.
 */
export function leastSquares(
  regressors: readonly (readonly number[])[],
  values: readonly number[],
): Fit | undefined {
  const size = regressors[0]?.length ?? 0;
  const column = (k: number) => regressors.map((row) => row[k]!);
  const columns = Array.from({ length: size }, (_, k) => column(k));
  const unitCovariance = inverseOf(columns.map((a) => columns.map((b) => dot(a, b))));
  if (size === 0 || !unitCovariance) return undefined;
  const onto = columns.map((one) => dot(one, values));
  const coefficients = unitCovariance.map((row) => dot(row, onto));
  const residuals = regressors.map((row, i) => values[i]! - dot(row, coefficients));
  return {
    coefficients,
    unitCovariance,
    residuals,
    leverages: regressors.map((row) => unitVariance(unitCovariance, row)),
    squares: dot(residuals, residuals),
    freedom: values.length - size,
  };
}

/** Variance of a sum of coefficients with these weights, in units of the variance of a value. */
export const unitVariance = (
  covariance: readonly (readonly number[])[],
  weights: readonly number[],
): number =>
  dot(
    weights,
    covariance.map((row) => dot(row, weights)),
  );
