import type { Additive, Form } from '../../core/terms';
import type { ShelfProduct } from '../products';

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

const product = (form: Form, [name, low, high, swatch, ...additives]: Row): ShelfProduct => ({
  id: `demo-${name.toLowerCase().replace(/ /g, '-')}`,
  name,
  form,
  labelLowC: low,
  labelHighC: high,
  additives,
  swatch,
});

export const DEMO_SHELF: readonly ShelfProduct[] = [
  ...BLOCKS.map((row) => product('block', row)),
  ...OTHERS.map(([form, row]) => product(form, row)),
];
