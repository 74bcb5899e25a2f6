import type { IronWarning } from './findings';
import { IRON } from './figures';
import { smokeOf, type IronBench, type IronPass } from './types';

/** What would go wrong with these passes. */
export function warningsOf(
  question: IronBench,
  passes: readonly IronPass[],
  filmMostC: number,
): IronWarning[] {
  const { wax, iron } = question;
  const warnings: IronWarning[] = [];
  const peakBaseC = Math.max(...passes.map((one) => one.peakBaseC));
  const sagK = Math.max(...passes.map((one) => one.plateStartC - one.plateEndC));
  const smokeC = smokeOf(wax);
  if (peakBaseC > IRON.stopBaseC) {
    warnings.push({ code: 'base_melts', gravity: 'danger', peakBaseC });
  } else if (peakBaseC > IRON.warnBaseC) {
    warnings.push({ code: 'base_softens', gravity: 'caution', peakBaseC });
  }
  if (filmMostC > smokeC) {
    warnings.push({ code: 'wax_smokes', gravity: 'danger', filmMostC, smokeC });
  }
  if (sagK > IRON.sagMostK) warnings.push({ code: 'iron_sags', gravity: 'caution', sagK });
  const mostM = IRON.trailMostM;
  const firstLong = passes.findIndex((one) => one.trailM > mostM);
  if (firstLong >= 0) {
    warnings.push({ code: 'trail_too_long', gravity: 'caution', fromPass: firstLong + 1, mostM });
  }
  const { setC } = iron;
  const { meltingC } = wax;
  if (setC <= meltingC + 0.5 * IRON.meltingRangeK) {
    warnings.push({ code: 'iron_too_cold', gravity: 'caution', setC, meltingC });
  } else if (Math.max(...passes.map((one) => one.moltenS)) === 0) {
    warnings.push({ code: 'film_stays_solid', gravity: 'caution' });
  }
  return warnings;
}
