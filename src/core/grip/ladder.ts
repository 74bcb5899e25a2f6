import { DomainError } from '../errors';
import type { ProductRole, Wetness } from '../terms';
import {
  effectiveSharpness,
  snowTemperaturePoints,
  HOUSE_LIMITS,
  type SnowConditions,
} from '../wax';
import type { LedgerLine } from '../wax';
import { GRIP } from './figures';
import type {
  CarryAlong,
  GripCaution,
  GripLayersReason,
  GripRankReason,
  KindReason,
} from './findings';
import { isRefrozen, kindFor, type GripKind } from './kind';

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
  reason: GripRankReason;
}

export interface GripOuting {
  distanceKm: number;
  purpose: 'race' | 'training' | 'recreation' | 'touring';
}

export interface GripChoice {
  kind: GripKind;
  kindReason: KindReason;
  lines: LedgerLine[];
  gripTemperatureC: number;
  isNewSnow: boolean;
  ranking: GripRanked[];
  binder: { id: string; name: string } | undefined;
  /** The stick over the klister, where one goes on; undefined: none, or none on the shelf. */
  cover: { id: string; name: string } | undefined;
  needsBinder: boolean;
  layers: number;
  layersReason: GripLayersReason;
  /** How far a waxing is expected to hold, km. */
  wearKm: number;
  carry: CarryAlong | undefined;
  cautions: GripCaution[];
}

const WETNESS_C: Record<Wetness, number> = {
  dry: 0,
  moist: GRIP.moistC,
  wet: GRIP.wetC,
  very_wet: GRIP.veryWetC,
  soaked: GRIP.soakedC,
};
const { newFromSharpness: NEW_FROM, warmAirC: WARM_AIR_C } = GRIP;
const BLENDS_K = 1e-9;
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
      valueC: snow.temperatureC,
      reason: { code: isNew ? 'grip_label_new' : 'grip_label_old' },
    },
    {
      key: 'new_snow',
      valueC: sharp + 0,
      reason: { code: sharp < 0 ? 'grip_new_crystals' : 'grip_not_new' },
    },
    {
      key: 'humidity',
      valueC: humidity,
      reason: { code: isDry ? 'grip_humidity' : 'grip_humidity_idle' },
    },
    {
      key: 'machine_made',
      valueC: made,
      reason: { code: made < 0 ? 'grip_machine_made' : 'grip_natural_or_wet' },
    },
    {
      key: 'wetness',
      valueC: WETNESS_C[snow.wetness],
      reason: { code: isDry ? 'grip_dry' : 'grip_wet' },
    },
    {
      key: 'glazed',
      valueC: snow.glazed ? GRIP.glazedC : 0,
      reason: { code: snow.glazed ? 'grip_glazed' : 'not_glazed' },
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
  { snowC, shiftK, sdC, isNew }: { snowC: number; shiftK: number; sdC: number; isNew: boolean },
): GripRanked[] {
  const { values, weights } = snowTemperaturePoints(snowC, sdC);
  const temperatureC = snowC + shiftK;
  return products
    .map((product): GripRanked => {
      const label = labelOf(product, isNew);
      let [slipPercent, dragPercent] = [0, 0];
      values.forEach((value, i) => {
        const [slip, drag] = lossesAt(value + shiftK, label);
        slipPercent += weights[i]! * slip;
        dragPercent += weights[i]! * drag;
      });
      // Nearness to the middle decides between two that both fit.
      const off = temperatureC - 0.5 * (label[0] + label[1]);
      const code =
        slipPercent > dragPercent + GRIP.leansPercent
          ? 'may_slip'
          : dragPercent > slipPercent + GRIP.leansPercent
            ? 'may_drag'
            : 'in_its_range';
      const lossPercent = slipPercent + dragPercent + GRIP.offMiddlePerK2 * off * off;
      const { id, name } = product;
      return { id, name, lossPercent, slipPercent, dragPercent, reason: { code } };
    })
    .sort(
      (a, b) =>
        a.lossPercent - b.lossPercent ||
        a.name.localeCompare(b.name, 'en') ||
        a.id.localeCompare(b.id, 'en'),
    );
}

/** How far a waxing holds, km. */
function wearOf(snow: SnowConditions, kind: GripKind, isBound: boolean): number {
  const { klister, soft, machineMade, refrozen, glazed, boundFactor } = GRIP.wearKm;
  if (kind !== 'stick') return klister;
  const bare = snow.glazed
    ? glazed
    : snow.origin === 'machine_made'
      ? machineMade
      : isRefrozen(snow)
        ? refrozen
        : soft;
  return isBound ? boundFactor * bare : bare;
}

const { least: LEAST_LAYERS, most: MOST_LAYERS } = GRIP.layers;

function layersFor(kind: GripKind, outing: GripOuting, wearKm: number): [number, GripLayersReason] {
  if (kind === 'klister') return [1, { code: 'one_klister_layer' }];
  if (kind === 'klister_with_cover') return [2, { code: 'klister_and_cover' }];
  const wanted = LEAST_LAYERS + Math.floor(outing.distanceKm / wearKm);
  const layers = Math.min(MOST_LAYERS, Math.max(LEAST_LAYERS, wanted));
  return [
    layers,
    layers > LEAST_LAYERS
      ? { code: 'more_layers_for_distance', distanceKm: outing.distanceKm }
      : { code: 'thin_layers' },
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
  {
    outing,
    products,
    laterC,
  }: { outing: GripOuting; products: readonly GripProduct[]; laterC?: number },
): GripChoice {
  const isGrip = (one: GripProduct) => one.role === 'grip_stick' || one.role === 'klister';
  if (!products.some(isGrip)) {
    throw new DomainError({ code: 'empty_shelf', kind: 'grip' }, 'products', products.length);
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
  const day = { snowC: snow.temperatureC, shiftK, sdC, isNew };
  const ranking = rank(fitting, day);
  const sticks = products.filter((one) => one.role === 'grip_stick');
  const cover = kind === 'klister_with_cover' ? rank(sticks, day)[0] : undefined;
  const needsBinder =
    kind !== 'stick' ||
    snow.glazed ||
    snow.origin === 'machine_made' ||
    outing.distanceKm > GRIP.binderFromKm;
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
    cover: cover && { id: cover.id, name: cover.name },
    needsBinder,
    layers,
    layersReason,
    wearKm,
    carry: carryAlong(fitting, { ranking, shiftK, snow, laterC, isNew, sdC }),
    cautions: cautionsOf(snow, { kind, ranking, lacksBinder: needsBinder && !found }),
  };
}

function carryAlong(
  fitting: readonly GripProduct[],
  {
    ranking,
    shiftK,
    snow,
    laterC,
    isNew,
    sdC,
  }: {
    ranking: readonly GripRanked[];
    shiftK: number;
    snow: SnowConditions;
    laterC: number | undefined;
    isNew: boolean;
    sdC: number;
  },
): CarryAlong | undefined {
  if (laterC === undefined || !ranking[0]) return undefined;
  const later = rank(fitting, { snowC: Math.min(0, laterC), shiftK, sdC, isNew })[0]!;
  if (later.id === ranking[0].id) return undefined;
  const isWarming = laterC > snow.temperatureC;
  return { code: 'carry_along', name: later.name, isWarming };
}

function cautionsOf(
  snow: SnowConditions,
  {
    kind,
    ranking,
    lacksBinder,
  }: { kind: GripKind; ranking: readonly GripRanked[]; lacksBinder: boolean },
): GripCaution[] {
  const cautions: GripCaution[] = [];
  const { temperatureC } = snow;
  if (snow.wetness !== 'dry' && temperatureC < HOUSE_LIMITS.wetSnowColdestC) {
    cautions.push({ code: 'wet_snow_below_zero', gravity: 'caution', temperatureC });
  }
  if (!ranking[0]) {
    cautions.push({ code: kind === 'stick' ? 'no_stick' : 'no_klister', gravity: 'danger' });
  } else if (ranking[0].lossPercent > HOUSE_LIMITS.nothingFitsPercent) {
    cautions.push({ code: 'nothing_fits', gravity: 'caution', nearest: ranking[0].name });
  }
  if (lacksBinder) cautions.push({ code: 'no_binder', gravity: 'caution' });
  if ((snow.airTemperatureC ?? 0) > WARM_AIR_C && kind === 'stick' && snow.wetness === 'dry') {
    cautions.push({ code: 'may_turn_wet', gravity: 'note' });
  }
  return cautions;
}
