import { casesFromReading, choose, formAdvice, type RobustChoice } from '@/core/choice';
import { chooseGrip, type GripProduct } from '@/core/grip';
import { ironAdvice, presetOn } from '@/core/iron';
import { ironTemperature, meltingPoint } from '@/core/shelf';
import type { OutingFacts, SnowConditions } from '@/core/wax';
import { DEMO_SHELF } from '@/data/demo/shelf';
import { renderedCautions, renderedForm, renderedLayers } from '@/words/rendered/choice';
import { renderedGrip } from '@/words/rendered/grip';
import { DEFAULT_UNITS } from '@/words/units';
import { writerFor } from '@/words/write';

/** A morning as a technician would tell it, and what it is in figures. */
export interface Situation {
  rendered: string;
  snow: Partial<SnowConditions> & Pick<SnowConditions, 'temperatureC'>;
  outing?: Partial<OutingFacts>;
}

const SNOW = {
  temperatureSdC: 0.8,
  humidityFraction: 0.65,
  origin: 'natural',
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
} as const;
const OUTING = { discipline: 'skate', distanceKm: 10, purpose: 'race' } as const;
const ALPINE = { discipline: 'alpine', distanceKm: 1.5 } as const;
const CLASSIC = { discipline: 'classic', distanceKm: 15 } as const;

export const SITUATIONS: readonly Situation[] = [
  {
    rendered: 'Polar cold, new snow that squeaks, dry air, a 10 km skate race',
    snow: { temperatureC: -22, grain: 'PP', humidityFraction: 0.4 },
  },
  {
    rendered: 'Very cold, new snow, skate race',
    snow: { temperatureC: -15, grain: 'PP', humidityFraction: 0.5 },
  },
  {
    rendered: 'Cold new snow, dry air, skate race',
    snow: { temperatureC: -12, grain: 'PP', humidityFraction: 0.4 },
  },
  {
    rendered: 'Cold new snow, moist air',
    snow: { temperatureC: -8, grain: 'PP', humidityFraction: 0.9 },
  },
  {
    rendered: 'Middling new snow, club training',
    snow: { temperatureC: -5, grain: 'PP' },
    outing: { purpose: 'training' },
  },
  {
    rendered: 'New snow just under zero, skate race',
    snow: { temperatureC: -1, grain: 'PP', humidityFraction: 0.9 },
  },
  {
    rendered: 'Wet new snow, falling',
    snow: { temperatureC: 0, grain: 'PP', wetness: 'wet', humidityFraction: 0.95 },
  },
  {
    rendered: 'Settled snow at −6, an ordinary day, skate race',
    snow: { temperatureC: -6, grain: 'DF' },
  },
  { rendered: 'Old rounded snow at −6', snow: { temperatureC: -6, grain: 'RG' } },
  {
    rendered: 'Old faceted sugar at −14 after a week of frost',
    snow: { temperatureC: -14, grain: 'FC', humidityFraction: 0.5 },
  },
  {
    rendered: 'Machine-made at −10, dry air, skate race',
    snow: { temperatureC: -10, grain: 'MM', origin: 'machine_made', humidityFraction: 0.5 },
  },
  {
    rendered: 'Machine-made at −8, glazed loop, race',
    snow: { temperatureC: -8, grain: 'MM', origin: 'machine_made', glazed: true },
  },
  {
    rendered: 'Machine-made at −4, lit loop, training',
    snow: { temperatureC: -4, grain: 'MM', origin: 'machine_made' },
    outing: { purpose: 'training' },
  },
  {
    rendered: 'Machine-made, moist, at zero',
    snow: { temperatureC: 0, grain: 'MM', origin: 'machine_made', wetness: 'moist' },
  },
  {
    rendered: 'Dirty old machine-made snow late in the season, wet',
    snow: { temperatureC: 0, origin: 'machine_made', grain: 'MF', wetness: 'wet', dirt: 'dirty' },
  },
  {
    rendered: 'Mixed snow at −7 with a thin cover of new',
    snow: { temperatureC: -7, grain: 'DF', origin: 'mixed' },
  },
  { rendered: 'Refrozen crust at dawn, −6', snow: { temperatureC: -6, grain: 'refrozen_crust' } },
  { rendered: 'Glazed, icy track at −3', snow: { temperatureC: -3, grain: 'MF', glazed: true } },
  {
    rendered: 'Moist transformed snow at noon',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'moist' },
  },
  { rendered: 'Wet corn in spring', snow: { temperatureC: 0, grain: 'MF', wetness: 'wet' } },
  {
    rendered: 'Very wet, water shows when squeezed',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'very_wet', humidityFraction: 0.9 },
  },
  {
    rendered: 'Slush in the rain',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'soaked', humidityFraction: 1 },
  },
  {
    rendered: 'Hoar on the track, −12, damp air',
    snow: { temperatureC: -12, grain: 'DF', humidityFraction: 0.9 },
  },
  {
    rendered: 'A probe says −5 in wet snow',
    snow: { temperatureC: -5, grain: 'MF', wetness: 'wet' },
  },
  {
    rendered: 'A guess of −8 ± 3 without a probe',
    snow: { temperatureC: -8, temperatureSdC: 3, grain: 'DF' },
  },
  {
    rendered: '50 km skate race on settled snow at −7',
    snow: { temperatureC: -7, grain: 'DF' },
    outing: { distanceKm: 50 },
  },
  {
    rendered: '90 km classic race at −5, fresh overnight',
    snow: { temperatureC: -5, grain: 'PP' },
    outing: { ...CLASSIC, distanceKm: 90 },
  },
  {
    rendered: 'Sunday tour on dry snow at −4',
    snow: { temperatureC: -4, grain: 'DF' },
    outing: { discipline: 'touring', purpose: 'recreation', distanceKm: 12 },
  },
  {
    rendered: 'Giant slalom on hard machine-made snow at −9',
    snow: { temperatureC: -9, grain: 'MM', origin: 'machine_made', glazed: true },
    outing: ALPINE,
  },
  {
    rendered: 'Slalom on injected ice at −5',
    snow: { temperatureC: -5, grain: 'refrozen_crust', origin: 'machine_made', glazed: true },
    outing: ALPINE,
  },
  {
    rendered: 'Downhill training on grippy snow at −14',
    snow: { temperatureC: -14, grain: 'RG' },
    outing: { ...ALPINE, distanceKm: 3, purpose: 'training' },
  },
  {
    rendered: 'Spring slalom, salted, wet',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'wet' },
    outing: ALPINE,
  },
  {
    rendered: 'Powder day on a snowboard, −9',
    snow: { temperatureC: -9, grain: 'PP' },
    outing: { discipline: 'snowboard', purpose: 'recreation', distanceKm: 20 },
  },
  {
    rendered: 'Classic on new snow at −7',
    snow: { temperatureC: -7, grain: 'PP' },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic on new snow around zero',
    snow: { temperatureC: -0.5, grain: 'PP', humidityFraction: 0.9 },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic on old, coarse, refrozen snow at −5',
    snow: { temperatureC: -5, grain: 'refrozen_crust' },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic on wet corn',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'wet' },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic on moist transformed snow',
    snow: { temperatureC: 0, grain: 'MF', wetness: 'moist' },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic in a glazed track at −10',
    snow: { temperatureC: -10, grain: 'RG', glazed: true },
    outing: CLASSIC,
  },
  {
    rendered: 'Classic on cold settled snow at −16',
    snow: { temperatureC: -16, grain: 'DF', humidityFraction: 0.5 },
    outing: CLASSIC,
  },
];

const WRITE = writerFor(DEFAULT_UNITS);
const BENCH = {
  hoursLeft: 5,
  ventilated: true,
  tools: ['ski_iron'],
  baseType: 'sintered',
} as const;
const WIDE = ['alpine', 'snowboard', 'touring'];
const signed = (value: number) => value.toFixed(1).replace('-', '−');

/** How the wax of the day goes in, where it goes in by iron. */
function ironed(productId: string, isWide: boolean): string {
  const product = DEMO_SHELF.find(({ id }) => id === productId)!;
  if (!product.applications.includes('iron')) return '';
  const widthM = isWide ? 0.068 : 0.045;
  const ironC = ironTemperature(product).value;
  const { advice } = ironAdvice({
    wax: { ironC, meltingC: meltingPoint(product).value },
    ski: { lengthM: isWide ? 1.75 : 1.9, widthM, startC: 15 },
    iron: { ...presetOn('heavy_digital', widthM), setC: ironC },
    roomC: 15,
    filmMicrometre: 40,
  });
  if (!advice) return 'no iron setting';
  return `iron ${advice.setC} °C, ${advice.passes.length} passes of ${advice.passes.map(({ passS }) => passS).join(', ')} s`;
}

function gripOf(snow: SnowConditions, outing: OutingFacts): string {
  if (outing.discipline !== 'classic') return '';
  const products = DEMO_SHELF as unknown as GripProduct[];
  const choice = chooseGrip(snow, { outing, products });
  const rendered = renderedGrip(choice, WRITE);
  const first = choice.ranking[0];
  const layers = [
    choice.binder?.name,
    first && `${first.name} ×${choice.layers}`,
    choice.cover?.name,
  ];
  const cautions = rendered.cautions.join(' ');
  return `Grip: ${layers.filter(Boolean).join(', ')}. ${cautions}`.trim();
}

function layersOf({ layerPlan }: RobustChoice): string {
  const { layers, missing } = renderedLayers(layerPlan, WRITE);
  const parts = layers.map((one) => `${one.name}${one.coats > 1 ? ` ×${one.coats}` : ''}`);
  return [`${parts.join(', then ')}.`, ...missing.map((one) => `Missing: ${one}`)].join(' ');
}

/** The whole answer of the product for a situation, cell by cell. */
export function answerOf({ rendered, snow: seen, outing: facts }: Situation): string[] {
  const snow = { ...SNOW, ...seen } as SnowConditions;
  const outing = { ...OUTING, ...facts } as OutingFacts;
  const products = DEMO_SHELF.filter((one) => one.role === 'glide');
  const result = choose({
    cases: casesFromReading(snow),
    outing,
    own: { venueC: 0, handC: 0 },
    products,
    shelf: DEMO_SHELF,
  });
  const best = result.ranking.find((one) => !one.excluded)!;
  const product = products.find(({ id }) => id === best.id)!;
  const form = formAdvice(BENCH, outing, { hardness: result.hardness, product });
  const isIroned = form.how.code === 'block_and_iron' || form.how.code === 'powder_and_iron';
  const isWide = WIDE.includes(outing.discipline);
  const { structure } = result;
  const asked = [
    `${signed(result.equivalentTemperatureC)} ± ${result.equivalentSdC.toFixed(1)} °C`,
    ...result.additives.map(({ additive }) => additive.replace('_', ' ')),
    `${structure.widthMm.toFixed(2)} mm`,
  ];
  const wax = [
    `${best.name}, ${best.expectedLossPercent.toFixed(1)} % (${best.expectedLossSeconds.toFixed(1)} s), best ${Math.round(100 * best.probabilityBest)} %`,
    isIroned ? ironed(best.id, isWide) : renderedForm(form, WRITE).how,
  ];
  const cautions = renderedCautions(result, WRITE).map(({ message }) => message);
  return [
    rendered,
    asked.join('; '),
    wax.join('; '),
    layersOf(result),
    [gripOf(snow, outing), ...cautions].filter(Boolean).join(' '),
  ];
}
