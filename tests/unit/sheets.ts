import type { Ski } from '../../src/core/ski';
import type { BenchProduct, Programme, SheetRequest } from '../../src/core/bench';

/** Made-up products and requests that the tests of job sheets share. */
export const wax = (name: string, more: Partial<BenchProduct> = {}): BenchProduct => ({
  id: name,
  name,
  role: 'glide',
  form: 'block',
  additives: [],
  applications: ['iron'],
  ironC: 130,
  ironLimitC: 145,
  ...more,
});
const frost = wax('Frost');
const hard = wax('Hard frost', { ironC: 142, ironLimitC: 150 });
const powder = wax('Frost powder', { form: 'powder', ironC: 150, ironLimitC: 165 });
const fluid = wax('Fluid', { form: 'liquid', applications: ['wipe', 'iron'], ironC: 120 });
const soft = wax('Soft base', { role: 'base', ironC: 110, ironLimitC: 120, meltingC: 55 });
const baseFluid = wax('Base fluid', { role: 'base', form: 'liquid', applications: ['wipe'] });
const edge = wax('Edge hardener', {
  role: 'hardener',
  form: 'powder',
  ironC: 165,
  ironLimitC: 180,
});
const roller = wax('Roller', { role: 'top', form: 'roller_block', applications: ['roller'] });
const topFluid = wax('Top fluid', { role: 'top', form: 'liquid', applications: ['wipe'] });
const stick = wax('Grip cold', { role: 'grip_stick', form: 'stick', applications: ['cork'] });
const binder = wax('Binder', { role: 'binder', form: 'stick', applications: ['cork'] });
const klister = wax('Klister wet', { role: 'klister', form: 'tube', applications: ['cork'] });
const cleaner = wax('Cleaner', { role: 'cleaner', form: 'liquid', applications: ['wipe'] });
const skinCare = wax('Skin care', { role: 'skin_care', form: 'liquid', applications: ['wipe'] });

/** The products of these sheets by their names here. */
export const PRODUCTS = {
  frost,
  hard,
  powder,
  fluid,
  baseFluid,
  soft,
  edge,
  roller,
  topFluid,
  stick,
  cleaner,
};

export const skiOf = (type: Ski['type']): Ski => ({
  id: type,
  name: `A ${type}`,
  owner: 'Ilo',
  type,
  lengthCm: type === 'snowboard' ? 158 : type === 'alpine' ? 170 : 190,
  waistMm: type === 'snowboard' ? 252 : type === 'alpine' ? 68 : 44,
  baseType: 'sintered',
  hasBrakes: type === 'alpine',
  purpose: 'race',
});
export const requestFor = (
  type: Ski['type'],
  programmes: Programme[],
  more: Partial<SheetRequest> = {},
): SheetRequest => ({
  ski: skiOf(type),
  findings: [],
  programmes,
  layers: [{ place: 'glide', product: frost, coats: 1 }],
  softWax: soft,
  cleaner,
  skinCare,
  methods: {},
  room: { roomC: 15, isVentilated: true },
  ironing: {},
  ...more,
});
export const stickPlan = {
  kind: 'stick',
  product: stick,
  binder,
  layers: 4,
  startCm: 0,
  endCm: 48,
} as const;
const layersWith = (place: 'edges' | 'under' | 'top', product: BenchProduct) => [
  { place, product, coats: 1 },
  { place: 'glide' as const, product: frost, coats: 1 },
];

/** The programme each golden sheet is of. */
export const GOLDEN: Record<Programme, SheetRequest> = {
  edges: requestFor('alpine', ['edges', 'hot_wax'], {
    findings: [{ kind: 'burr', positionCm: 60, side: 'left' }],
  }),
  clean_liquid: requestFor('skate', ['clean_liquid', 'hot_wax']),
  clean_hot_scrape: requestFor('skate', ['clean_hot_scrape', 'hot_wax']),
  new_base: requestFor('skate', ['new_base']),
  hot_wax: requestFor('skate', ['hot_wax'], {
    layers: [
      { place: 'under', product: hard, coats: 1 },
      { place: 'glide', product: frost, coats: 2 },
    ],
  }),
  powder: requestFor('skate', ['powder'], {
    layers: [{ place: 'glide', product: powder, coats: 1 }],
  }),
  liquid: requestFor('skate', ['liquid'], {
    layers: [{ place: 'glide', product: fluid, coats: 1 }],
  }),
  liquid_ironed: requestFor('skate', ['liquid_ironed'], {
    layers: [{ place: 'glide', product: fluid, coats: 1 }],
  }),
  hardening: requestFor('skate', ['hardening', 'hot_wax'], { layers: layersWith('edges', edge) }),
  structure: requestFor('skate', ['hot_wax', 'structure'], {
    structure: { brush: 'steel', rillPasses: 2, widthMm: 1 },
  }),
  top_roller: requestFor('skate', ['hot_wax', 'top_roller'], { layers: layersWith('top', roller) }),
  top_sponge: requestFor('skate', ['hot_wax', 'top_sponge'], {
    layers: layersWith('top', topFluid),
  }),
  grip: requestFor('classic', ['hot_wax', 'grip'], { grip: stickPlan }),
  klister: requestFor('classic', ['hot_wax', 'klister'], {
    grip: { ...stickPlan, kind: 'klister_with_cover', product: klister, cover: stick },
  }),
  pattern: requestFor('patterned', ['liquid', 'pattern'], {
    layers: [{ place: 'glide', product: fluid, coats: 1 }],
  }),
  skin: requestFor('skin', ['hot_wax', 'skin']),
  storage: requestFor('skate', ['clean_hot_scrape', 'storage']),
  snowboard: requestFor('snowboard', ['snowboard', 'hot_wax']),
  hot_box: requestFor('skate', ['new_base', 'hot_box', 'hot_wax']),
};
