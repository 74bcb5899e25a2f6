/* eslint-disable house/no-loose-numbers -- coefficients and limits of published numerical methods. */

/** Logarithm of the gamma function for x > 0 (Lanczos 1964, nine terms). */
function logGamma(x: number): number {
  const terms = [
    676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
    12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
  ];
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const at = x - 1;
  const sum = terms.reduce((all, term, k) => all + term / (at + k + 1), 0.99999999999980993);
  const base = at + terms.length - 0.5;
  return 0.5 * Math.log(2 * Math.PI) + (at + 0.5) * Math.log(base) - base + Math.log(sum);
}

/** Continued fraction of the incomplete beta function, by Lentz's method. */
function betaFraction(x: number, a: number, b: number): number {
  const least = 1e-300;
  const kept = (value: number) => (Math.abs(value) < least ? least : value);
  let c = 1;
  let d = 1 / kept(1 - ((a + b) * x) / (a + 1));
  let fraction = d;
  for (let m = 1; m <= 300; m += 1) {
    const even = (m * (b - m) * x) / ((a + 2 * m - 1) * (a + 2 * m));
    d = 1 / kept(1 + even * d);
    c = kept(1 + even / c);
    fraction *= d * c;
    const odd = (-(a + m) * (a + b + m) * x) / ((a + 2 * m) * (a + 2 * m + 1));
    d = 1 / kept(1 + odd * d);
    c = kept(1 + odd / c);
    fraction *= d * c;
    if (Math.abs(d * c - 1) < 1e-15) break;
  }
  return fraction;
}

/** The regularised incomplete beta function I_x(a, b), x in 0…1, a and b above 0. */
function incompleteBeta(x: number, a: number, b: number): number {
  if (x <= 0) return 0;
  if (x >= 1) return 1;
  const front = Math.exp(
    logGamma(a + b) - logGamma(a) - logGamma(b) + a * Math.log(x) + b * Math.log(1 - x),
  );
  return x < (a + 1) / (a + b + 2)
    ? (front * betaFraction(x, a, b)) / a
    : 1 - (front * betaFraction(1 - x, b, a)) / b;
}

/**
 * Probability that Student's t with `freedom` degrees (above 0) lies further from 0 than `t`, on either side.
 * Example: 2.5706, 5 → 0.05.
 */
export const studentBeyond = (t: number, freedom: number): number =>
  incompleteBeta(freedom / (freedom + t * t), 0.5 * freedom, 0.5);

/**
 * The t that Student's distribution with `freedom` degrees (above 0) exceeds, on either side, with probability
 * `beyond` (0…1). By halving, to 12 digits. Example: 0.05, 5 → 2.5706.
 */
export function studentLimit(beyond: number, freedom: number): number {
  let low = 0;
  let high = 1;
  while (studentBeyond(high, freedom) > beyond) high *= 2;
  for (let k = 0; k < 100 && high - low > 1e-13 * high; k += 1) {
    const middle = 0.5 * (low + high);
    if (studentBeyond(middle, freedom) > beyond) low = middle;
    else high = middle;
  }
  return 0.5 * (low + high);
}
