import type { BenchProduct } from './types';

/** Stands on every sheet. */
export const FIRST_OF_ALL =
  'Labels, local codes and licensed practice come first; binding work belongs to certified people.';

export const CAUTIONS = {
  iron: 'Hot iron and molten wax: no smoke ever, ventilate; hotter than the label is not quicker.',
  flammable: 'Flammable: no iron, flame or smoking near, lid on, ventilate.',
  secure: 'Leads off the wet floor; lift boards and forms with the legs.',
  scraper:
    'Sharp edges and scraper: cut-resistant gloves. Shavings to the waste as local rules say, not onto snow.',
  file: 'Steel filings and sharp edges: cut-resistant gloves, eyes covered; brakes held up.',
  rotary: 'Rotary brush: eyes covered, hair and sleeves tied, spin away from the face.',
  dust: 'Wax dust: ventilate or extract, sweep it up.',
  klister: 'Klister burns and sticks: gentle warmth only, never an open flame on the base.',
  binding: 'Do not touch release settings: certified people only.',
  legacy:
    'Legacy fluorocarbon: suitable respirator, extraction, no flame, no smoking, skin covered; waste by local rules. Not for a sanctioned race.',
} as const;

/** The caution of heat for a product: a legacy one says more. */
export const heatCaution = (product: BenchProduct): string =>
  product.additives.includes('fluorocarbon') ? CAUTIONS.legacy : CAUTIONS.iron;
