import { HOUR_MS, MINUTE_MS } from '../units/constants';
import { diffusionAt } from '../iron';
import { brushSteps, scrapeStep } from './brushing';
import { ironSetting, minutesFor } from './amounts';
import { iron, onBase, waxOn } from './coats';
import { BENCH } from './figures';
import type { BenchProduct, SheetRequest, Step } from './types';
import { coolStep } from './waits';

const { lowC: LOW_C, highC: HIGH_C, hours: HOURS, softK: SOFT_K } = BENCH.hotBox;

/** Temperature and hours of a box for a wax; `effectiveH` are hours at the warm end that give as much. */
interface BoxRun {
  boxC: number;
  hours: number;
  effectiveH: number;
}

/**
 * How a wax is soaked in: as warm as its melting point, within what a box does, and the longer the cooler.
 * Undefined for a wax that stays hard at the warm end.
 */
export function boxRun({ meltingC = HIGH_C }: Pick<BenchProduct, 'meltingC'>): BoxRun | undefined {
  if (meltingC - SOFT_K > HIGH_C) return undefined;
  const boxC = Math.round(Math.min(HIGH_C, Math.max(LOW_C, meltingC)));
  const share = diffusionAt(boxC, meltingC) / diffusionAt(HIGH_C, meltingC);
  const hours = Math.round(HOURS / share);
  return { boxC, hours, effectiveH: hours * share };
}

/** Soft wax ironed on thick and left on, then hours in a warm box: the base fills without more irons. */
export function hotBoxSteps(request: SheetRequest, product: BenchProduct, run: BoxRun): Step[] {
  const key = 'hot-box';
  const setting = ironSetting(request, product);
  const waitMin = (run.hours * HOUR_MS) / MINUTE_MS;
  return [
    {
      ...waxOn(request, { key, product, isBare: true }),
      work: { code: 'spread_for_box', ...onBase(request, product) },
    },
    iron(request, {
      key: `${key}.soft-iron`,
      product,
      setting: { ...setting, passes: setting.passes.slice(0, 1), uptakeFraction: undefined },
    }),
    {
      key: `${key}.box`,
      kind: 'hot_box',
      work: { code: 'box', product: product.name, boxC: run.boxC, hours: run.hours },
      figures: { boxHours: Math.round(10 * run.effectiveH) / 10 },
      activeMin: minutesFor(request, 'hot_box'),
      waitMin,
      waitLeastMin: Math.round(waitMin / 2),
      caution: 'box',
    },
    coolStep(request, `${key}.cool`, product),
    scrapeStep(request, `${key}.scrape`),
    ...brushSteps(request, `${key}.brush`).slice(0, 1),
  ];
}
