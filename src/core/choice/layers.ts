import type { BaseState, Form, ProductRole } from '../terms';
import {
  glideLossPercent,
  hasToLast,
  isExcluded,
  labelShape,
  type GlideProduct,
  type OutingFacts,
} from '../wax';
import { CHOICE } from './figures';
import type { LayerReason, MissingLayer } from './findings';

/** A product of any role, as the layers see it. */
export interface RoledProduct extends GlideProduct {
  role: ProductRole;
}

/** The day in the few figures that layers turn on. */
export interface LayerDay {
  equivalentTemperatureC: number;
  sharpness: number;
  /** Hard and rough on wax: machine-made or glazed, and dry. */
  isAbrasiveTrack: boolean;
  /** What the look over the base found; in use and sound where undefined. */
  baseState?: BaseState;
}

export const LAYER_PLACES = ['conditioning', 'edges', 'under', 'glide', 'top'] as const;
export type LayerPlace = (typeof LAYER_PLACES)[number];

/** One layer, in the order in which it goes on. */
export interface Layer {
  place: LayerPlace;
  id: string;
  name: string;
  form: Form;
  coats: number;
  reason: LayerReason;
}

export interface LayerPlan {
  layers: Layer[];
  /** What the day asks for and the shelf has not. */
  missing: MissingLayer[];
}

const {
  extraCoatOverKm: LONG_KM,
  grindingBelowC: GRINDING_BELOW_C,
  sharpFrom: SHARP_FROM,
  underK: UNDER_K,
  oldBelowSharpness: OLD_BELOW,
  topBeyondLabelK: BEYOND_K,
  newBaseSoftCoats: NEW_BASE_COATS,
} = CHOICE;
const FORM_FOR_OLD: Form = 'roller_block';
const FORM_FOR_NEW: Form = 'liquid';

const middle = (one: GlideProduct) => 0.5 * (one.labelLowC + one.labelHighC);
const layer = (
  place: LayerPlace,
  { one, coats, reason }: { one: GlideProduct; coats: number; reason: LayerReason },
): Layer => ({
  place,
  id: one.id,
  name: one.name,
  form: one.form,
  coats,
  reason,
});

function underReason(outing: OutingFacts, day: LayerDay): LayerReason | undefined {
  const { distanceKm } = outing;
  if (hasToLast(distanceKm)) return { code: 'under_long', distanceKm };
  if (day.isAbrasiveTrack) return { code: 'under_abrasive' };
  if (day.equivalentTemperatureC < GRINDING_BELOW_C || day.sharpness > SHARP_FROM)
    return { code: 'under_sharp' };
  return undefined;
}

/** What the iron melts in. */
const isSolid = ({ form }: GlideProduct) => form === 'block' || form === 'powder';

/** A soft wax that feeds the base: first on a base that is dry or new, else where nothing harder is asked for. */
function conditioning(
  shelf: readonly RoledProduct[],
  base: BaseState,
  isForFun: boolean,
): Layer | MissingLayer | undefined {
  if (base === 'in_use' && !isForFun) return undefined;
  const softest = shelf
    .filter((one) => one.role === 'base' && isSolid(one))
    .sort((a, b) => middle(b) - middle(a) || a.id.localeCompare(b.id, 'en'))[0];
  if (!softest) {
    return base === 'in_use' ? undefined : { code: 'no_conditioner' };
  }
  return layer('conditioning', {
    one: softest,
    coats: base === 'new' ? NEW_BASE_COATS : 1,
    reason: {
      code: 'condition_base',
      baseState: base,
    },
  });
}

/** A hard wax for beneath others: nothing in it that belongs on top, and no label for every day. */
const isPlainHard = ({ additives, labelLowC, labelHighC }: RoledProduct) =>
  additives.every((one) => one === 'hardener') && labelHighC - labelLowC <= UNDER_K.span;

function underlayer(shelf: readonly RoledProduct[], winner: GlideProduct, reason: LayerReason) {
  const harder = (one: RoledProduct) => middle(winner) - middle(one);
  const fit = shelf
    .filter(
      (one) =>
        one.id !== winner.id &&
        (one.role === 'glide' || one.role === 'base') &&
        isSolid(one) &&
        isPlainHard(one) &&
        harder(one) >= UNDER_K.least &&
        harder(one) <= UNDER_K.most,
    )
    .sort(
      (a, b) =>
        Math.abs(harder(a) - UNDER_K.best) - Math.abs(harder(b) - UNDER_K.best) ||
        a.additives.length - b.additives.length ||
        a.id.localeCompare(b.id, 'en'),
    )[0];
  return fit && layer('under', { one: fit, coats: 1, reason });
}

function topLayer(shelf: readonly RoledProduct[], day: LayerDay) {
  const isOld = day.sharpness < OLD_BELOW;
  const wanted = isOld ? FORM_FOR_OLD : FORM_FOR_NEW;
  const loss = (one: RoledProduct) =>
    glideLossPercent(day.equivalentTemperatureC, labelShape(one.labelLowC, one.labelHighC));
  const tops = shelf.filter(
    (one) => one.role === 'top' && day.equivalentTemperatureC >= one.labelLowC - BEYOND_K,
  );
  const fit = tops
    .filter((one) => day.equivalentTemperatureC <= one.labelHighC + BEYOND_K)
    .sort(
      (a, b) =>
        Number(b.form === wanted) - Number(a.form === wanted) ||
        loss(a) - loss(b) ||
        a.id.localeCompare(b.id, 'en'),
    )[0];
  return (
    fit &&
    layer('top', {
      one: fit,
      coats: 1,
      reason: { code: isOld ? 'top_old_snow' : 'top_new_snow', form: fit.form },
    })
  );
}

/**
 * The layers over a base that is clean: a soft conditioning wax where the base wants feeding, hardener along the edges where snow burns bases, something harder
 * beneath where it has to last, the glide wax, and a top layer for a race. Products that the outing's rule shuts
 * out have no part.
 */
export function layersFor(
  winner: GlideProduct,
  { shelf, outing, day }: { shelf: readonly RoledProduct[]; outing: OutingFacts; day: LayerDay },
): LayerPlan {
  const allowed = shelf.filter((one) => !isExcluded(one, outing));
  const layers: (Layer | undefined)[] = [];
  const missing: MissingLayer[] = [];
  const base = day.baseState ?? 'in_use';
  const reason = underReason(outing, day);
  const isForFun = outing.purpose !== 'race' && !reason;
  const feeding = conditioning(allowed, base, isForFun);
  if (feeding && 'code' in feeding) missing.push(feeding);
  else layers.push(feeding);
  if (day.isAbrasiveTrack || base === 'burnt') {
    const hardener = allowed.find((one) => one.role === 'hardener');
    const code = base === 'burnt' ? 'edges_burnt' : 'edges_hard_snow';
    if (hardener) layers.push(layer('edges', { one: hardener, coats: 1, reason: { code } }));
    else missing.push({ code: 'no_hardener' });
  }
  if (reason) {
    const under = underlayer(allowed, winner, reason);
    layers.push(under);
    if (!under) missing.push({ code: 'no_harder_wax' });
  }
  const isRace = outing.purpose === 'race';
  const coats = 1 + Number(isRace) + Number(outing.distanceKm > LONG_KM);
  const isLong = outing.distanceKm > LONG_KM;
  layers.push(
    layer('glide', {
      one: winner,
      coats,
      reason: coats === 1 ? { code: 'one_coat' } : { code: 'more_coats', isRace, isLong },
    }),
  );
  if (isRace) {
    const top = topLayer(allowed, day);
    layers.push(top);
    if (!top) missing.push({ code: 'no_top_layer' });
  }
  return { layers: layers.filter((one): one is Layer => one !== undefined), missing };
}
