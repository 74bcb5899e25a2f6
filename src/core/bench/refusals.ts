import type { Gravity } from '../finding';
import { GRIP_KIND } from '../ski';
import { isFilm, isHighMelt } from './forms';
import { boxRun } from './hot-box';
import { ironSetting } from './amounts';
import { HEAT, LIQUID, OF_THE_DAY } from './programmes';
import { PROGRAMMES, type BenchProduct, type Programme, type SheetRequest } from './types';
import type { SheetNote } from './work';

type RefusalCode =
  | 'grinder_first'
  | 'no_heat_on_delamination'
  | 'no_grip_zone'
  | 'no_pattern'
  | 'no_skin'
  | 'no_box_for_skin'
  | 'no_board'
  | 'klister_takes_zone'
  | 'storage_takes_all'
  | 'ironed_liquid_is_enough'
  | 'one_wax_of_the_day'
  | 'wax_is_ironed_already';

/** A label too hot for this iron to hold: the powder would not melt, or the hand would wait and burn the base. */
export function tooHotFor(request: SheetRequest, product: BenchProduct): SheetNote | undefined {
  const { isHeld } = ironSetting(request, product);
  if (!isHighMelt(product) || isHeld !== false) return undefined;
  return {
    code: 'iron_cannot_hold',
    gravity: 'danger',
    product: product.name,
    ironC: product.ironC!,
  };
}

/** A top layer and the tool it is asked for by: only what is made for the roller goes on the roller. */
export function wrongTool(product: BenchProduct, isByRoller: boolean): SheetNote | undefined {
  const fits = isByRoller ? product.applications.includes('roller') : isFilm(product);
  if (fits) return undefined;
  return {
    code: isByRoller ? 'not_for_roller' : 'not_for_sponge',
    gravity: 'caution',
    product: product.name,
  };
}

/** A wax that no box softens. */
export const tooHardForBox = (product: BenchProduct): SheetNote | undefined =>
  boxRun(product)
    ? undefined
    : { code: 'too_hard_for_box', gravity: 'caution', product: product.name };

/** Programmes that this ski cannot take or that another one makes needless, each with why. */
export function refusals(request: SheetRequest): Map<Programme, SheetNote> {
  const { ski, findings, programmes, layers } = request;
  const kind = GRIP_KIND[ski.type];
  const no = new Map<Programme, SheetNote>();
  const asked = (key: Programme) => programmes.includes(key);
  const seen = (mark: (typeof findings)[number]['kind']) =>
    findings.some((one) => one.kind === mark);
  const refuse = (keys: readonly Programme[], code: RefusalCode, gravity: Gravity = 'note') => {
    for (const key of keys) no.set(key, { code, gravity });
  };
  if (kind !== 'wax' && (asked('grip') || asked('klister'))) {
    refuse(['grip', 'klister'], 'no_grip_zone');
  }
  if (kind !== 'pattern') refuse(['pattern'], 'no_pattern');
  if (kind !== 'skin') refuse(['skin'], 'no_skin');
  if (kind === 'skin') refuse(['hot_box'], 'no_box_for_skin', 'caution');
  if (ski.type !== 'snowboard') refuse(['snowboard'], 'no_board');
  if (asked('grip') && asked('klister')) refuse(['grip'], 'klister_takes_zone');
  if (asked('storage')) refuse(OF_THE_DAY, 'storage_takes_all');
  if (asked('liquid') && asked('liquid_ironed')) refuse(['liquid'], 'ironed_liquid_is_enough');
  if (asked('hot_wax') && asked('powder')) refuse(['powder'], 'one_wax_of_the_day');
  // A liquid of the day goes over what was ironed; a block of the day leaves nothing for it to do.
  const glide = layers.find((one) => one.place === 'glide')?.product;
  if ((asked('hot_wax') || asked('powder')) && !(glide && isFilm(glide))) {
    refuse(LIQUID, 'wax_is_ironed_already');
  }
  if (seen('delamination')) refuse(HEAT, 'no_heat_on_delamination', 'danger');
  if (seen('unflat')) {
    refuse(
      PROGRAMMES.filter((key) => key !== 'storage'),
      'grinder_first',
      'caution',
    );
  }
  return no;
}
