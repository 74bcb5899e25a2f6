/** What is known of one coefficient of a straight model. */
export interface Estimated {
  /** Standard deviation of a single value. */
  sd: number;
  /** Variance of the estimate in units of that of a value. */
  unitVariance: number;
  /** Degrees of freedom behind the standard deviation. */
  freedom: number;
}

/** How it is watched: the chance of ever being wrong, and the prior spread of the coefficient in standard deviations. */
export interface Watch {
  chance: number;
  priorSds: number;
}

/**
 * Half the width of an interval that holds the true coefficient at every look at once, but with the chance given: it
 * may be looked at after each value, and stopped at any. Infinite while there is too little. The group-invariant Bayes
 * factor of a normal prior is a martingale under any true value (Lindon, Ham, Tingley & Bojinov 2022,
 * "Anytime-valid linear models and regression adjusted causal inference"), and Ville's inequality bounds it.
 */
export function alwaysHalfWidth(
  { sd, unitVariance, freedom }: Estimated,
  { chance, priorSds }: Watch,
): number {
  if (!(freedom >= 1)) return Infinity;
  const precision = 1 / (priorSds * priorSds);
  const ratio = precision / (precision + 1 / unitVariance);
  const limit = (1 / (chance * Math.sqrt(ratio))) ** (2 / (freedom + 1));
  const room = 1 - limit * ratio;
  if (!(room > 0)) return Infinity;
  return Math.sqrt(((limit - 1) / room) * freedom * unitVariance) * sd;
}
