import { DomainError } from '../errors';
import type { ProductRole, Wetness } from '../terms';
import {
  effectiveSharpness,
  snowTemperaturePoints,
  HOUSE_LIMITS,
  type SnowConditions,
} from '../wax';
import type { LedgerLine } from '../wax';
import { GRIP } from './coefficients';

export type GripKind = 'stick' | 'klister' | 'klister_with_cover';

/** A grip product as the ladder sees it. Label ends °C: for new snow, and for old where the label has them. */
export interface GripProduct {
  id: string;
  name: string;
  role: ProductRole;
  labelLowC: number;
  labelHighC: number;
  label2LowC?: number;
  label2HighC?: number;
}

export interface GripRanked {
  id: string;
  name: string;
  /** Expected loss, %: of it slipping, and dragging or icing. */
  lossPercent: number;
  slipPercent: number;
  dragPercent: number;
  reason: string;
}

export interface GripOuting {
  distanceKm: number;
  purpose: 'race' | 'training' | 'recreation' | 'touring';
}

export interface GripChoice {
  kind: GripKind;
  kindReason: string;
  lines: LedgerLine[];
  gripTemperatureC: number;
  isNewSnow: boolean;
  ranking: GripRanked[];
  binder: { id: string; name: string } | undefined;
  needsBinder: boolean;
  layers: number;
  layersReason: string;
  /** How far a waxing is expected to hold, km. */
  wearKm: number;
  carry: string | undefined;
  cautions: string[];
}

const WETNESS_C: Record<Wetness, number> = {
  dry: 0,
  moist: GRIP.moistC,
  wet: GRIP.wetC,
  very_wet: GRIP.veryWetC,
  soaked: GRIP.soakedC,
};
/** Above this sharpness snow counts as new for a grip label; grain seen or modelled. */
const NEW_FROM = 0.5;
const WARM_AIR_C = 0.5;
const WET_SNOW_COLDEST_C = -2;
const BLENDS_K = 1e-9;
const isWetClass = (wetness: Wetness) => wetness !== 'dry' && wetness !== 'moist';

const isRefrozen = (snow: SnowConditions) =>
  snow.grain === 'refrozen_crust' || (snow.grain === 'MF' && snow.wetness === 'dry');

/** Stick or klister, and why. */
function kindFor(snow: SnowConditions, isNew: boolean): { kind: GripKind; reason: string } {
  if (isWetClass(snow.wetness) && isNew) {
    return {
      kind: 'klister_with_cover',
      reason: 'Wet new snow: klister holds, a soft stick over it keeps it from icing.',
    };
  }
  if (isWetClass(snow.wetness)) {
    return { kind: 'klister', reason: 'Wet coarse snow: a stick finds nothing to bite.' };
  }
  if (isRefrozen(snow) || (snow.glazed && !isNew)) {
    return { kind: 'klister', reason: 'Refrozen or icy: it grinds any stick off in a few km.' };
  }
  return { kind: 'stick', reason: 'Dry or moist grains that a stick can hold.' };
}

function ledgerOf(snow: SnowConditions, isNew: boolean): LedgerLine[] {
  const isDry = snow.wetness === 'dry';
  const humidity = isDry
    ? (GRIP.humidityPerSpanC * (snow.humidityFraction - HOUSE_LIMITS.neutralHumidity)) /
      HOUSE_LIMITS.humiditySpan
    : 0;
  const made =
    !isDry || snow.origin === 'natural'
      ? 0
      : snow.origin === 'machine_made'
        ? GRIP.machineMadeC
        : GRIP.machineMadeC / 2;
  const sharp = isNew ? GRIP.newSharperC * (effectiveSharpness(snow) - NEW_FROM) * 2 : 0;
  return [
    {
      key: 'snow_temperature',
      label: 'Snow temperature',
      valueC: snow.temperatureC,
      reason: isNew ? 'Read on the label’s range for new snow.' : 'Read on its range for old snow.',
    },
    {
      key: 'new_snow',
      label: 'Sharp new crystals',
      valueC: sharp + 0,
      reason: sharp < 0 ? 'They bite deep: harder.' : 'Not new: the label for old snow says it.',
    },
    {
      key: 'humidity',
      label: 'Humidity of the air',
      valueC: humidity,
      reason: isDry ? 'Moist air rounds crystals: softer.' : 'Counts on dry snow only.',
    },
    {
      key: 'machine_made',
      label: 'Machine-made snow',
      valueC: made,
      reason: made < 0 ? 'Sharp and wearing: harder.' : 'Natural snow, or wet.',
    },
    {
      key: 'wetness',
      label: 'Wetness',
      valueC: WETNESS_C[snow.wetness],
      reason: isDry ? 'No free water.' : 'Water makes grains slide: softer.',
    },
    {
      key: 'glazed',
      label: 'Glazed or icy track',
      valueC: snow.glazed ? GRIP.glazedC : 0,
      reason: snow.glazed ? 'Ice wears soft wax off: harder, over a binder.' : 'Not glazed.',
    },
  ];
}

/** The label that counts: old snow's where the snow is old and the label has one. */
function labelOf(product: GripProduct, isNew: boolean): [number, number] {
  const low = isNew ? product.labelLowC : (product.label2LowC ?? product.labelLowC);
  const high = isNew ? product.labelHighC : (product.label2HighC ?? product.labelHighC);
  return [low, high];
}

/** Slip and drag of a product at a grip temperature, %: too hard slips, too soft drags and ices. */
function lossesAt(temperatureC: number, [low, high]: [number, number]): [number, number] {
  const x = temperatureC - 0.5 * (low + high);
  const beyond = Math.abs(x) - GRIP.flatShareOfSpan * (high - low);
  if (beyond <= BLENDS_K) return [0, 0];
  return x > 0 ? [GRIP.slipPerK2 * beyond * beyond, 0] : [0, GRIP.dragPerK2 * beyond * beyond];
}

function rank(
  products: readonly GripProduct[],
  snowC: number,
  shiftK: number,
  sdC: number,
  isNew: boolean,
): GripRanked[] {
  const { values, weights } = snowTemperaturePoints(snowC, sdC);
  const temperatureC = snowC + shiftK;
  return products
    .map((product) => {
      const label = labelOf(product, isNew);
      let [slipPercent, dragPercent] = [0, 0];
      values.forEach((value, i) => {
        const [slip, drag] = lossesAt(value + shiftK, label);
        slipPercent += weights[i]! * slip;
        dragPercent += weights[i]! * drag;
      });
      // Nearness to the middle decides between two that both fit.
      const off = temperatureC - 0.5 * (label[0] + label[1]);
      const reason =
        slipPercent > dragPercent + 0.02
          ? 'Rather hard for today: it may slip.'
          : dragPercent > slipPercent + 0.02
            ? 'Rather soft for today: it may drag or ice.'
            : 'Its range is where today asks.';
      const lossPercent = slipPercent + dragPercent + 0.002 * off * off;
      return { id: product.id, name: product.name, lossPercent, slipPercent, dragPercent, reason };
    })
    .sort(
      (a, b) =>
        a.lossPercent - b.lossPercent ||
        a.name.localeCompare(b.name, 'en') ||
        a.id.localeCompare(b.id, 'en'),
    );
}

/** How far a waxing holds, km (practice: 30 and more on soft snow, 2 to 4 on ice, thrice that when bound). */
function wearOf(snow: SnowConditions, kind: GripKind, isBound: boolean): number {
  if (kind !== 'stick') return 40;
  const bare = snow.glazed ? 3 : snow.origin === 'machine_made' ? 10 : isRefrozen(snow) ? 5 : 30;
  return isBound ? 3 * bare : bare;
}

const LEAST_LAYERS = 3;
const MOST_LAYERS = 6;

function layersFor(kind: GripKind, outing: GripOuting, wearKm: number): [number, string] {
  if (kind === 'klister') return [1, 'One thin, even layer: warmed in, closed at both ends.'];
  if (kind === 'klister_with_cover')
    return [2, 'One of klister, cooled hard, and one of stick over it.'];
  const wanted = LEAST_LAYERS + Math.floor(outing.distanceKm / wearKm);
  const layers = Math.min(MOST_LAYERS, Math.max(LEAST_LAYERS, wanted));
  return [
    layers,
    layers > LEAST_LAYERS
      ? `${outing.distanceKm} km wear more than three layers: each thin, corked smooth.`
      : 'Thin layers, each corked smooth.',
  ];
}

/**
 * Stick, klister, or klister under a cover, and which: the shelf ranked by what slipping and dragging would cost over the
 * spread of the snow temperature. `laterC` is the snow temperature at the end of the outing, for what to carry along.
 * A shelf without the kind that is asked for gives an empty ranking and a caution; no grip product at all: DomainError
 * `empty_shelf`.
 */
export function chooseGrip(
  snow: SnowConditions,
  outing: GripOuting,
  products: readonly GripProduct[],
  laterC?: number,
): GripChoice {
  const isGrip = (one: GripProduct) => one.role === 'grip_stick' || one.role === 'klister';
  if (!products.some(isGrip)) {
    throw new DomainError(
      'empty_shelf',
      'products',
      products.length,
      'There is no grip wax on the shelf: put a stick or a klister on it.',
    );
  }
  const isNew = effectiveSharpness(snow) >= NEW_FROM;
  const { kind, reason } = kindFor(snow, isNew);
  const lines = ledgerOf(snow, isNew);
  const gripTemperatureC = lines.reduce((sum, line) => sum + line.valueC, 0);
  // Every line but the first is the same for all of the snow temperature's spread.
  const shiftK = gripTemperatureC - snow.temperatureC;
  const role = kind === 'stick' ? 'grip_stick' : 'klister';
  const sdC = snow.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC;
  const fitting = products.filter((one) => one.role === role);
  const ranking = rank(fitting, snow.temperatureC, shiftK, sdC, isNew);
  const needsBinder =
    kind !== 'stick' || snow.glazed || snow.origin === 'machine_made' || outing.distanceKm > 30;
  const found = products.find((one) => one.role === 'binder');
  const wearKm = wearOf(snow, kind, needsBinder && found !== undefined);
  const [layers, layersReason] = layersFor(kind, outing, wearKm);
  return {
    kind,
    kindReason: reason,
    lines,
    gripTemperatureC,
    isNewSnow: isNew,
    ranking,
    binder: needsBinder && found ? { id: found.id, name: found.name } : undefined,
    needsBinder,
    layers,
    layersReason,
    wearKm,
    carry: carryAlong(fitting, ranking, shiftK, snow, laterC, isNew, sdC),
    cautions: cautionsOf(snow, kind, ranking, needsBinder && !found),
  };
}

function carryAlong(
  fitting: readonly GripProduct[],
  ranking: readonly GripRanked[],
  shiftK: number,
  snow: SnowConditions,
  laterC: number | undefined,
  isNew: boolean,
  sdC: number,
): string | undefined {
  if (laterC === undefined || !ranking[0]) return undefined;
  const later = rank(fitting, Math.min(0, laterC), shiftK, sdC, isNew)[0]!;
  if (later.id === ranking[0].id) return undefined;
  const way = laterC > snow.temperatureC ? 'warms' : 'cools';
  return `The snow ${way} under way: carry ${later.name} and a cork.`;
}

const NOTHING_FITS_PERCENT = 2;

function cautionsOf(
  snow: SnowConditions,
  kind: GripKind,
  ranking: readonly GripRanked[],
  lacksBinder: boolean,
): string[] {
  const cautions: string[] = [];
  if (snow.wetness !== 'dry' && snow.temperatureC < WET_SNOW_COLDEST_C) {
    cautions.push('Snow with free water stands at 0 °C: check the probe, or the snowball test.');
  }
  if (!ranking[0]) {
    cautions.push(
      kind === 'stick' ? 'There is no stick on the shelf.' : 'There is no klister on the shelf.',
    );
  } else if (ranking[0].lossPercent > NOTHING_FITS_PERCENT) {
    cautions.push(`Nothing on the shelf is made for this; ${ranking[0].name} is the nearest.`);
  }
  if (lacksBinder) cautions.push('A binder is asked for and not on the shelf: expect wear.');
  if ((snow.airTemperatureC ?? 0) > WARM_AIR_C && kind === 'stick' && snow.wetness === 'dry') {
    cautions.push('The air is above freezing: dry now may be wet soon. Keep klister at hand.');
  }
  return cautions;
}
