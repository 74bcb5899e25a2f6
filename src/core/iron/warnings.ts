import { IRON_LIMITS, MATERIALS } from './materials';
import type { IronPass, IronQuestion } from './types';

/** What would go wrong with these passes, in sentences that say what to do. */
export function warningsOf(
  question: IronQuestion,
  passes: readonly IronPass[],
  filmMost: number,
): string[] {
  const { wax, iron } = question;
  const warnings: string[] = [];
  const peak = Math.max(...passes.map((one) => one.peakBaseC));
  const sag = Math.max(...passes.map((one) => one.plateStartC - one.plateEndC));
  const smokeC = wax.smokeC ?? wax.ironC + IRON_LIMITS.smokeOverIronK;
  if (peak > IRON_LIMITS.stopBaseC) {
    warnings.push(`Stop: the base would reach ${Math.round(peak)} °C and melt.`);
  } else if (peak > IRON_LIMITS.warnBaseC) {
    warnings.push(`The base would reach ${Math.round(peak)} °C and soften: cooler or quicker.`);
  }
  if (filmMost > smokeC) {
    warnings.push(
      `The film reaches ${Math.round(filmMost)} °C: this wax smokes from ${Math.round(smokeC)} °C.`,
    );
  }
  if (sag > IRON_LIMITS.sagMostK) {
    warnings.push(
      `This iron sags ${Math.round(sag)} K a pass: wax half the ski at a time, or take the heavier iron.`,
    );
  }
  const longest = Math.max(...passes.map((one) => one.trailM));
  if (longest > IRON_LIMITS.trailMostM) {
    const first = passes.findIndex((one) => one.trailM > IRON_LIMITS.trailMostM) + 1;
    warnings.push(
      `From pass ${first} the trail is over 8 cm: quicker, cooler, or let the ski cool between.`,
    );
  }
  if (iron.setC <= wax.meltingC + 0.5 * MATERIALS.meltingRangeK) {
    warnings.push('The iron is too cold: this wax does not melt through.');
  } else if (Math.max(...passes.map((one) => one.moltenS)) === 0) {
    warnings.push('The film does not melt: slower, or hotter.');
  }
  return warnings;
}
