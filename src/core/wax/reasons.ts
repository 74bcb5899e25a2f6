import type { AdditiveVerdict } from './additives';
import type { GlideProduct, OutingFacts } from './conditions';
import type { RankingReason } from './findings';
import { labelShape } from './loss';

/** True for a legacy product that the outing's rule shuts out. */
export const isExcluded = (
  product: Pick<GlideProduct, 'additives'>,
  outing: Pick<OutingFacts, 'fluorocarbonsAllowed'>,
): boolean => product.additives.includes('fluorocarbon') && outing.fluorocarbonsAllowed !== true;

/** Why a product stands where it stands, the weightiest first. */
export function reasonsFor(
  product: Pick<GlideProduct, 'labelLowC' | 'labelHighC'>,
  {
    verdict,
    excluded,
    likelyEquivalentC,
  }: { verdict: AdditiveVerdict; excluded: boolean; likelyEquivalentC: number },
): RankingReason[] {
  const { centreC, flatK, fixedPercent } = labelShape(product.labelLowC, product.labelHighC);
  const x = likelyEquivalentC - centreC;
  const reasons: RankingReason[] = excluded ? [{ code: 'fluorocarbon_excluded' }] : [];
  if (Math.abs(x) <= flatK) reasons.push({ code: 'at_the_middle', centreC });
  else reasons.push({ code: x < 0 ? 'too_soft' : 'too_hard', byK: Math.abs(x), centreC });
  for (const need of verdict.missing) reasons.push({ code: 'lacks', need });
  for (const need of verdict.needless) reasons.push({ code: 'needless', need });
  if (fixedPercent > 0) {
    const spanK = product.labelHighC - product.labelLowC;
    reasons.push({ code: 'wide_label', spanK, costPercent: fixedPercent });
  }
  return reasons;
}
