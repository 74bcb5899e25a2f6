import { writeSpan, writeTemperature, type TemperatureUnit } from '../units';
import type { AdditiveVerdict } from './additives';
import type { GlideProduct, OutingFacts } from './conditions';
import { labelShape } from './loss';

const FLUOROCARBON_REASON = 'Excluded: holds fluorocarbons, which this outing does not allow.';
const NEED_WORDS = { water_repellent: 'water repellent', dry_lubricant: 'dry lubricant' } as const;

/** True for a legacy product that the outing's rule shuts out. */
export const isExcluded = (
  product: Pick<GlideProduct, 'additives'>,
  outing: Pick<OutingFacts, 'fluorocarbonsAllowed'>,
): boolean => product.additives.includes('fluorocarbon') && outing.fluorocarbonsAllowed !== true;

/** Why a product stands where it stands, in short sentences. */
export function reasonsFor(
  product: Pick<GlideProduct, 'labelLowC' | 'labelHighC'>,
  verdict: AdditiveVerdict,
  excluded: boolean,
  likelyEquivalentC: number,
  unit: TemperatureUnit = 'C',
): string[] {
  const shape = labelShape(product.labelLowC, product.labelHighC);
  const x = likelyEquivalentC - shape.centreC;
  const middle = `its middle is ${writeTemperature(shape.centreC, unit)}`;
  const reasons = excluded ? [FLUOROCARBON_REASON] : [];
  if (Math.abs(x) <= shape.flatK) {
    reasons.push(`Its middle, ${writeTemperature(shape.centreC, unit)}, is where today asks.`);
  } else if (x < 0) {
    reasons.push(`${writeSpan(-x, unit)} too soft: ${middle}.`);
  } else {
    reasons.push(`${writeSpan(x, unit)} too hard: ${middle}.`);
  }
  for (const need of verdict.missing) reasons.push(`Lacks a ${NEED_WORDS[need]}.`);
  for (const need of verdict.needless) {
    reasons.push(`Its ${NEED_WORDS[need]} has nothing to do today.`);
  }
  if (shape.fixedPercent > 0) {
    const spanK = product.labelHighC - product.labelLowC;
    reasons.push(
      `A label ${writeSpan(spanK, unit)} wide costs ${shape.fixedPercent.toFixed(2)} %.`,
    );
  }
  return reasons;
}
