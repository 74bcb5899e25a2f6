import type { BaseState, Form, ProductRole } from '../terms';
import {
  glideLossPercent,
  isExcluded,
  labelShape,
  type GlideProduct,
  type OutingFacts,
} from '../wax';

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
  reason: string;
}

export interface LayerPlan {
  layers: Layer[];
  /** What the day asks for and the shelf has not. */
  missing: string[];
}

/** Farther than this a soft wax needs something hard beneath, km (house). */
const LASTING_FROM_KM = 20;
const LONG_KM = 30;
/** Colder than this crystals grind any glide wax down, °C. */
const GRINDING_BELOW_C = -12;
const SHARP_FROM = 0.7;
/** An underlayer is this much harder by its label, K (house): least, best, most. */
const UNDER_K = { least: 2, best: 6, most: 16 };
/** Old snow is less sharp than this. */
const OLD_BELOW = 0.5;
const FORM_FOR_OLD: Form = 'roller_block';
const FORM_FOR_NEW: Form = 'liquid';

/** A new base drinks: soft coats before the harder ones (practice). */
const NEW_BASE_COATS = 2;
const BASE_REASONS: Readonly<Record<BaseState, string>> = {
  in_use: 'No race and nothing abrasive: a soft coat feeds the base.',
  dry: 'The base is dry: a soft wax goes in first, scraped while warm.',
  new: 'A new grind drinks: soft wax first, scraped while warm, then the harder coats.',
  burnt: 'The base is burnt along the edges: a soft wax first, to see what it still takes.',
};

const middle = (one: GlideProduct) => 0.5 * (one.labelLowC + one.labelHighC);
const layer = (place: LayerPlace, one: GlideProduct, coats: number, reason: string): Layer => ({
  place,
  id: one.id,
  name: one.name,
  form: one.form,
  coats,
  reason,
});

function underReason(outing: OutingFacts, day: LayerDay): string | undefined {
  if (outing.distanceKm > LASTING_FROM_KM) return `${outing.distanceKm} km is long: it must last.`;
  if (day.isAbrasiveTrack) return 'The track is abrasive: something hard beneath keeps wax on.';
  if (day.equivalentTemperatureC < GRINDING_BELOW_C || day.sharpness > SHARP_FROM)
    return 'Sharp crystals grind wax down: something hard beneath keeps it on.';
  return undefined;
}

/** A soft wax that feeds the base: first on a base that is dry or new, else where nothing harder is asked for. */
function conditioning(
  shelf: readonly RoledProduct[],
  base: BaseState,
  isForFun: boolean,
): Layer | string | undefined {
  if (base === 'in_use' && !isForFun) return undefined;
  const softest = shelf
    .filter((one) => one.role === 'base')
    .sort((a, b) => middle(b) - middle(a) || a.id.localeCompare(b.id, 'en'))[0];
  if (!softest) {
    return base === 'in_use' ? undefined : 'A soft base wax to condition with.';
  }
  return layer('conditioning', softest, base === 'new' ? NEW_BASE_COATS : 1, BASE_REASONS[base]);
}

function underlayer(shelf: readonly RoledProduct[], winner: GlideProduct, reason: string) {
  const harder = (one: RoledProduct) => middle(winner) - middle(one);
  const fit = shelf
    .filter(
      (one) =>
        one.id !== winner.id &&
        ((one.role === 'glide' && (one.form === 'block' || one.form === 'powder')) ||
          one.role === 'base') &&
        harder(one) >= UNDER_K.least &&
        harder(one) <= UNDER_K.most,
    )
    .sort(
      (a, b) =>
        Math.abs(harder(a) - UNDER_K.best) - Math.abs(harder(b) - UNDER_K.best) ||
        a.additives.length - b.additives.length ||
        a.id.localeCompare(b.id, 'en'),
    )[0];
  return fit && layer('under', fit, 1, reason);
}

function topLayer(shelf: readonly RoledProduct[], day: LayerDay) {
  const isOld = day.sharpness < OLD_BELOW;
  const wanted = isOld ? FORM_FOR_OLD : FORM_FOR_NEW;
  const loss = (one: RoledProduct) =>
    glideLossPercent(day.equivalentTemperatureC, labelShape(one.labelLowC, one.labelHighC));
  const tops = shelf.filter(
    (one) => one.role === 'top' && day.equivalentTemperatureC >= one.labelLowC - 1,
  );
  const fit = tops
    .filter((one) => day.equivalentTemperatureC <= one.labelHighC + 1)
    .sort(
      (a, b) =>
        Number(b.form === wanted) - Number(a.form === wanted) ||
        loss(a) - loss(b) ||
        a.id.localeCompare(b.id, 'en'),
    )[0];
  const why = isOld ? 'old snow tends to a roller block' : 'new snow tends to a liquid';
  return fit && layer('top', fit, 1, `Race: a thin top layer; ${why}.`);
}

/**
 * The layers over a base that is clean: a soft conditioning wax where the base wants feeding, hardener along the edges where snow burns bases, something harder
 * beneath where it has to last, the glide wax, and a top layer for a race. Products that the outing's rule shuts
 * out have no part.
 */
export function layersFor(
  winner: GlideProduct,
  shelf: readonly RoledProduct[],
  outing: OutingFacts,
  day: LayerDay,
): LayerPlan {
  const allowed = shelf.filter((one) => !isExcluded(one, outing));
  const layers: (Layer | undefined)[] = [];
  const missing: string[] = [];
  const base = day.baseState ?? 'in_use';
  const reason = underReason(outing, day);
  const isForFun = outing.purpose !== 'race' && !reason;
  const feeding = conditioning(allowed, base, isForFun);
  if (typeof feeding === 'string') missing.push(feeding);
  else layers.push(feeding);
  if (day.isAbrasiveTrack || base === 'burnt') {
    const hardener = allowed.find((one) => one.role === 'hardener');
    const why = base === 'burnt' ? 'The base is burnt along the edges' : 'Hard snow burns the base';
    if (hardener) {
      layers.push(layer('edges', hardener, 1, `${why}: a strip along the edges underfoot.`));
    } else missing.push('A hardener for the edges underfoot.');
  }
  if (reason) {
    const under = underlayer(allowed, winner, reason);
    layers.push(under);
    if (!under) missing.push('A harder wax to go beneath.');
  }
  const isRace = outing.purpose === 'race';
  const coats = 1 + Number(isRace) + Number(outing.distanceKm > LONG_KM);
  const isLong = outing.distanceKm > LONG_KM;
  const why = isRace && isLong ? 'Race and distance' : isRace ? 'A race' : 'The distance';
  const coatsReason =
    coats === 1 ? 'One coat serves.' : `${why}: each coat cooled, scraped and brushed.`;
  layers.push(layer('glide', winner, coats, coatsReason));
  if (isRace) {
    const top = topLayer(allowed, day);
    layers.push(top);
    if (!top) missing.push('A top layer that suits; it is worth little, go without.');
  }
  return { layers: layers.filter((one): one is Layer => one !== undefined), missing };
}
