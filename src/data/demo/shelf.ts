import type { ShelfProduct } from '../../core/model';
import type { Additive, Form } from '../../core/terms';

type Row = [name: string, low: number, high: number, swatch: string, ...additives: Additive[]];

/** Made-up waxes with plain names; swatches are the demo team's own colours. */
const BLOCKS: Row[] = [
  ['Deep frost', -28, -16, '#5b6b63'],
  ['Hard frost', -20, -12, '#8a7f6a'],
  ['Frost', -14, -8, '#7b4f6d'],
  ['Cold', -10, -5, '#c9b458'],
  ['Middle', -7, -2, '#4f7ba0'],
  ['Mild', -4, 0, '#b4654a'],
  ['Thaw', -1, 4, '#93a95c'],
  ['Slush', 2, 10, '#d8c9a3'],
  ['Everyday wide', -20, 0, '#9a9a9a'],
  ['Black hard frost', -20, -12, '#2b2b2b', 'graphite'],
  ['Black frost', -14, -8, '#3a3a3a', 'graphite'],
  ['Black cold', -9, -4, '#474747', 'graphite'],
  ['Black mild', -4, 1, '#555555', 'molybdenum'],
  ['Race frost', -14, -8, '#6d8f86', 'water_repellent'],
  ['Race cold', -9, -4, '#b98ca5', 'water_repellent'],
  ['Race mild', -5, 0, '#d19a66', 'water_repellent'],
  ['Race thaw', -1, 5, '#7fa7a3', 'water_repellent'],
  ['Race slush', 2, 9, '#c27f7f', 'water_repellent'],
  ['Race black frost', -15, -9, '#333d3a', 'graphite', 'water_repellent'],
];
const OTHERS: [Form, Row][] = [
  ['powder', ['Frost powder', -24, -14, '#e3e6e4']],
  ['liquid', ['Everyday liquid', -12, -2, '#b7c4c9']],
  ['powder', ['Old stock moist', -8, -1, '#d7a7b5', 'fluorocarbon']],
];

/** Iron temperature of a block by its label, °C, as labels go: harder is hotter. */
const ironFor = (low: number, high: number) =>
  Math.min(150, Math.max(110, Math.round(118 - 1.6 * (0.5 * (low + high)))));

type More = Partial<Omit<ShelfProduct, 'id' | 'name' | 'form' | 'swatch'>>;

const product = (form: Form, row: Row, more: More = {}): ShelfProduct => {
  const [name, labelLowC, labelHighC, swatch, ...additives] = row;
  const isIroned = form === 'block' || form === 'powder';
  const ironC = isIroned ? ironFor(labelLowC, labelHighC) : undefined;
  return {
    id: `demo-${name.toLowerCase().replace(/ /g, '-')}`,
    name,
    form,
    labelLowC,
    labelHighC,
    additives,
    swatch,
    role: 'glide',
    applications: isIroned ? ['iron'] : ['wipe'],
    ironC,
    ironLimitC: ironC && ironC + 15,
    containerG: form === 'block' ? 60 : form === 'powder' ? 30 : 80,
    price: 18 + 9 * additives.length,
    ...more,
  };
};

const cork: More = { applications: ['cork'], containerG: 45, price: 14 };
const WORKSHOP: readonly ShelfProduct[] = [
  product('block', ['Soft conditioner', -6, 2, '#e0cfa9'], { role: 'base', containerG: 180 }),
  product('liquid', ['Base liquid', -20, 4, '#d3dcd0'], { role: 'base', dryMin: 5 }),
  product('powder', ['Edge hardener', -25, -6, '#dfe4e8', 'hardener'], {
    role: 'hardener',
    ironC: 165,
    ironLimitC: 180,
  }),
  product('roller_block', ['Top roller cold', -12, -4, '#a3b7b0'], {
    role: 'top',
    applications: ['roller'],
    preference: 'old_snow',
  }),
  product('roller_block', ['Top roller mild', -5, 2, '#c7b08d'], {
    role: 'top',
    applications: ['roller'],
    preference: 'old_snow',
  }),
  product('liquid', ['Top fluid', -10, 0, '#b9c6cf'], { role: 'top', preference: 'new_snow' }),
  product('liquid', ['Base cleaner', -30, 10, '#f0f0f0'], { role: 'cleaner', containerG: 150 }),
  product('liquid', ['Skin care', -30, 10, '#e9e4d4'], { role: 'skin_care', containerG: 100 }),
];
const grip = (
  name: string,
  { fresh, old, swatch }: { fresh: [number, number]; old: [number, number]; swatch: string },
) =>
  product('stick', [name, ...fresh, swatch], {
    ...cork,
    role: 'grip_stick',
    label2LowC: old[0],
    label2HighC: old[1],
  });
const GRIP: readonly ShelfProduct[] = [
  grip('Grip polar', { fresh: [-25, -14], old: [-30, -18], swatch: '#77838c' }),
  grip('Grip cold', { fresh: [-15, -7], old: [-20, -10], swatch: '#8c9f8a' }),
  grip('Grip middle', { fresh: [-8, -3], old: [-12, -5], swatch: '#6f8fa6' }),
  grip('Grip mild', { fresh: [-4, -1], old: [-6, -2], swatch: '#a77f9b' }),
  grip('Grip zero', { fresh: [-1, 0.5], old: [-3, 0], swatch: '#c98f6a' }),
  product('stick', ['Grip binder', -30, 0, '#8a8a80'], { ...cork, role: 'binder' }),
  product('tube', ['Klister cold ice', -15, -3, '#7d91a8'], { ...cork, role: 'klister' }),
  product('tube', ['Klister around zero', -4, 3, '#a890a8'], { ...cork, role: 'klister' }),
  product('tube', ['Klister wet', 0, 10, '#b8907a'], { ...cork, role: 'klister' }),
];

export const DEMO_SHELF: readonly ShelfProduct[] = [
  ...BLOCKS.map((row) => product('block', row)),
  ...OTHERS.map(([form, row]) => product(form, row)),
  ...WORKSHOP,
  ...GRIP,
];

/** What is left in the demo cabin, g: most are well stocked, two run low. */
export function demoGrams(product: ShelfProduct, place: number): number {
  const whole = product.containerG ?? 0;
  return place % 7 === 3 ? Math.round(whole / 8) : whole * (1 + (place % 3));
}
