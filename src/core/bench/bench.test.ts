import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { METHOD_GROUPS } from '../choice';
import { FINDING_KINDS, SKI_TYPES } from '../terms';
import type { Ski } from '../ski';
import { renderedSheet } from '../../words/rendered/sheet';
import { DEFAULT_UNITS } from '../../words/units';
import { writerFor } from '../../words/write';
import {
  buildSheet as coreSheet,
  learnedMinutes,
  learnedSpreads,
  PROGRAMMES,
  suggestProgrammes,
  WAIT_KINDS,
  type BenchProduct,
  type SheetRequest,
  type RenderedStep as Step,
} from '.';
import { GOLDEN, PRODUCTS, requestFor, skiOf, stickPlan, wax } from '../../../tests/unit/sheets';

const { frost, hard, powder, fluid, soft, edge, roller, topFluid } = PRODUCTS;

/** The sheet as it is read: so the golden ones hold its words as well. */
const buildSheet = (asked: SheetRequest) =>
  renderedSheet(coreSheet(asked), writerFor(DEFAULT_UNITS));

const written = (step: Step) =>
  [
    step.key.padEnd(26),
    step.title.padEnd(30),
    Object.entries(step.figures)
      .filter(([name, value]) => name !== 'timings' && value !== undefined)
      .map(([name, value]) => `${name} ${value}`)
      .join(', '),
    step.waitMin === undefined ? '' : `wait ${step.waitMin} (least ${step.waitLeastMin})`,
    step.productId ? `takes ${step.productId}` : '',
  ]
    .filter(Boolean)
    .join(' · ')
    .trimEnd();

/** What must not touch a skin. */
const SOILS = ['iron', 'wax_on', 'liquid_on', 'clean_liquid', 'top_on'];
const HOT = ['iron', 'repair', 'hot_box'];
const FLAMMABLE = ['clean_liquid', 'liquid_on', 'skin'];
const isFlammable = (step: Step) =>
  FLAMMABLE.includes(step.kind) || (step.kind === 'top_on' && step.tool === 'Sponge');

/** Everything that is wrong with a sheet, found without the code that made it. */
function faults(steps: readonly Step[], limits: Readonly<Record<string, number>>): string[] {
  const wrong: string[] = [];
  let hasFilm = false;
  let isWaxed = false;
  let openFlammable: string | undefined;
  let isSolventWet = false;
  const keys = new Set<string>();
  for (const [i, step] of steps.entries()) {
    if (keys.has(step.key)) wrong.push(`${step.key} stands twice`);
    keys.add(step.key);
    if (step.kind === 'edge' && isWaxed) wrong.push(`${step.key}: edges follow wax`);
    if (step.kind === 'repair' && isWaxed) wrong.push(`${step.key}: repair follows wax`);
    if (step.kind === 'wax_on' || step.kind === 'liquid_on') [hasFilm, isWaxed] = [true, true];
    const isBrushedOff = step.kind === 'brush' && !step.key.endsWith('.up');
    if (step.kind === 'scrape' || isBrushedOff || step.kind === 'open_structure') hasFilm = false;
    if (step.kind === 'iron') {
      if (!hasFilm) wrong.push(`${step.key}: irons a dry base`);
      const limit = limits[step.key.split('.')[0]!.replace(/-\d+$/, '')] ?? 170;
      if (!(step.figures.temperatureC! >= 100 && step.figures.temperatureC! <= limit))
        wrong.push(`${step.key}: ${step.figures.temperatureC} °C`);
    }
    if (HOT.includes(step.kind) && (openFlammable || isSolventWet))
      wrong.push(`${step.key}: heat next to ${openFlammable}`);
    if (isFlammable(step)) [openFlammable, isSolventWet] = [step.key, true];
    if (step.kind === 'flash_off' || step.kind === 'dry')
      [openFlammable, isSolventWet] = [undefined, false];
    if (WAIT_KINDS.includes(step.kind)) {
      const isGrip = /^(klister|grip)/.test(step.key);
      const least = step.kind === 'cool' ? (isGrip ? 5 : 20) : 1;
      if (!(step.waitMin! >= step.waitLeastMin! && step.waitLeastMin! >= least))
        wrong.push(`${step.key}: waits too little`);
      if (steps[i - 1]?.kind === step.kind) wrong.push(`${step.key}: waits twice`);
    } else if (step.waitMin !== undefined) wrong.push(`${step.key}: a wait in a step for hands`);
    const isMetal = /^(fine steel|fine metal|steel|brass)\b/i.test(step.tool);
    if (isMetal && !/tip to tail only/i.test(step.what)) wrong.push(`${step.key}: metal both ways`);
    const grams = step.figures.grams;
    if (grams !== undefined && !(grams > 0 && grams < 40)) wrong.push(`${step.key}: ${grams} g`);
    for (const text of [step.title, step.tool, step.what, step.doneWhen, step.reason])
      if (!text || /undefined|NaN/.test(text)) wrong.push(`${step.key}: “${text}”`);
  }
  const cleans = steps.filter((step) => step.key.startsWith('clean.') && step.kind === 'iron');
  if (cleans.length > 1) wrong.push('hot-scraped twice');
  return wrong;
}
const LIMITS = { glide: 165, under: 150, harden: 180, clean: 120, condition: 120, store: 120 };

describe('job sheets', () => {
  it('are as the golden ones, one for every programme', async () => {
    const text = PROGRAMMES.map((programme) => {
      const sheet = buildSheet(GOLDEN[programme]);
      expect(sheet.programmes, programme).toContain(programme);
      return [
        `${programme}: ${sheet.activeMin} min of work, ${sheet.waitMin} min of waiting`,
        ...sheet.steps.map((step) => `  ${written(step)}`),
        ...sheet.notes.map((note) => `  ! ${note}`),
      ].join('\n');
    }).join('\n\n');
    await expect(`${text}\n`).toMatchFileSnapshot('golden-sheets.txt');
  });

  it.each(PROGRAMMES)('are legal: %s', (programme) => {
    expect(faults(buildSheet(GOLDEN[programme]).steps, LIMITS)).toEqual([]);
  });

  it('are legal whatever the options', () => {
    const anySki = fc.constantFrom(...SKI_TYPES).map(skiOf);
    const anyMethods = fc.record(
      Object.fromEntries(
        METHOD_GROUPS.map((group) => [group.key, fc.constantFrom(...group.options, 'unheard_of')]),
      ),
    );
    const anyLayers = fc
      .subarray([
        { place: 'conditioning' as const, product: soft, coats: 1 },
        { place: 'edges' as const, product: edge, coats: 1 },
        { place: 'under' as const, product: hard, coats: 1 },
        { place: 'top' as const, product: topFluid, coats: 1 },
        { place: 'top' as const, product: roller, coats: 1 },
      ])
      .chain((some) =>
        fc
          .constantFrom(frost, powder, fluid)
          .map((product) => [...some, { place: 'glide' as const, product, coats: 2 }]),
      );
    fc.assert(
      fc.property(
        anySki,
        fc.subarray([...PROGRAMMES]),
        anyMethods,
        anyLayers,
        fc.array(
          fc.record({
            kind: fc.constantFrom(...FINDING_KINDS),
            positionCm: fc.integer({ min: 0, max: 150 }),
            side: fc.constantFrom('left' as const, 'middle' as const, 'right' as const),
          }),
          { maxLength: 8 },
        ),
        fc.double({ min: 60, max: 220, noNaN: true }),
        (one, programmes, methods, layers, findings, setC) => {
          const sheet = buildSheet({
            ...requestFor(one.type, programmes),
            methods,
            layers,
            findings,
            grip: stickPlan,
            structure: { brush: 'brass', rillPasses: 1, widthMm: 0.6 },
            ironing: {
              Frost: { setC: Math.max(100, setC), passes: [{ passS: 8, restS: 10 }] },
            },
          });
          const glide = layers.at(-1)!.product.ironLimitC ?? 145;
          expect(faults(sheet.steps, { ...LIMITS, glide })).toEqual([]);
          const has = (kind: string) => findings.some((found) => found.kind === kind);
          const does = (...kinds: string[]) => sheet.steps.some(({ kind }) => kinds.includes(kind));
          if (has('delamination')) expect(does('iron', 'hot_box', 'repair')).toBe(false);
          if (has('unflat')) expect(does('repair', 'scrape', 'liquid_on', 'grip_on')).toBe(false);
          if (one.type === 'skin' && does(...SOILS)) {
            const at = (kind: string) => sheet.steps.findIndex((step) => step.kind === kind);
            const first = sheet.steps.findIndex(({ kind }) => SOILS.includes(kind));
            expect(at('skin_cover')).toBeGreaterThanOrEqual(0);
            expect(at('skin_cover')).toBeLessThan(first);
          }
        },
      ),
      { numRuns: 400 },
    );
  });

  it('take the amounts of practice: 4–8 g of block on a narrow pair, 8–15 g on a wide one', () => {
    const grams = (type: Ski['type']) =>
      buildSheet(requestFor(type, ['hot_wax'])).steps.find((step) => step.key === 'glide.on')!
        .figures.grams!;
    expect(grams('skate')).toBeGreaterThan(4);
    expect(grams('skate')).toBeLessThan(8);
    expect(grams('alpine')).toBeGreaterThan(8);
    expect(grams('alpine')).toBeLessThan(15);
    expect(grams('classic')).toBeLessThan(grams('skate'));
  });

  it('say what is missing, and what this ski cannot take', () => {
    const bare = buildSheet(
      requestFor('skate', ['clean_liquid', 'top_roller', 'grip', 'hot_wax', 'liquid'], {
        cleaner: undefined,
      }),
    );
    expect(bare.findings!.map(({ code, parameters }) => [code, parameters.what])).toEqual([
      ['no_grip_zone', undefined],
      ['wax_is_ironed_already', undefined],
      ['not_on_shelf', 'cleaner'],
      ['not_on_shelf', 'top_layer'],
    ]);
    expect(bare.programmes).toEqual(['clean_liquid', 'top_roller', 'hot_wax']);
    const dry = buildSheet(
      requestFor('skate', ['hot_wax'], { room: { roomC: 2, isVentilated: false } }),
    );
    expect(dry.notes.join(' ')).toContain('No ventilation');
    expect(dry.steps.find((step) => step.kind === 'cool')!.what).toContain('doorway');
    const legacy = wax('Old stock', { additives: ['fluorocarbon'] });
    const old = buildSheet(
      requestFor('skate', ['hot_wax'], { layers: [{ place: 'glide', product: legacy, coats: 1 }] }),
    );
    expect(old.steps.find((step) => step.kind === 'iron')!.caution).toContain('respirator');
  });

  it('lets a wax that goes on hot cool longer', () => {
    const cooling = (product: BenchProduct) =>
      buildSheet({
        ...requestFor('skate', ['hot_wax']),
        layers: [{ place: 'glide', product, coats: 1 }],
      }).steps.find((step) => step.kind === 'cool')!;
    expect(cooling(hard).waitMin).toBe(cooling(frost).waitMin! + 10);
    expect(cooling(hard).waitLeastMin).toBe(cooling(frost).waitLeastMin! + 10);
  });

  it('follow the team’s own ways, and its own minutes', () => {
    const own = buildSheet(
      requestFor('skate', ['hot_wax'], {
        methods: { cooling: 'overnight', brushes: 'nylon_steel_horsehair', drive: 'rotary' },
        minutes: { scrape: 9 },
      }),
    );
    const brushes = own.steps.filter((step) => step.kind === 'brush');
    expect(brushes.map((step) => step.tool)).toEqual([
      'Rotary nylon brush',
      'Fine steel brush',
      'Rotary horsehair brush',
    ]);
    expect(own.waitMin).toBe(600);
    expect(own.steps.find((step) => step.kind === 'scrape')!.activeMin).toBe(9);
  });
});

describe('suggested programmes', () => {
  const ground = {
    ski: skiOf('skate'),
    findings: [],
    layers: [
      { place: 'edges' as const, product: edge, coats: 1 },
      { place: 'glide' as const, product: frost, coats: 1 },
      { place: 'top' as const, product: roller, coats: 1 },
    ],
    structure: { brush: 'steel' as const, rillPasses: 1, widthMm: 1 },
    isVentilated: true,
    hasIron: true,
    isFreshGrind: false,
    isSeasonOver: false,
    distanceKm: 10,
  };
  const keys = (more: object) => suggestProgrammes({ ...ground, ...more }).map((one) => one.key);

  it('follow the choice, the look-over and the ski', () => {
    expect(keys({})).toEqual(['hardening', 'hot_wax', 'structure', 'top_roller']);
    const dirt = [{ kind: 'dirt' as const, positionCm: 9, side: 'left' as const }];
    expect(keys({ findings: dirt })[0]).toBe('clean_hot_scrape');
    expect(keys({ findings: dirt, hasIron: false })[0]).toBe('clean_liquid');
    expect(keys({ isFreshGrind: true })[0]).toBe('new_base');
    expect(keys({ isSeasonOver: true })).toEqual(['storage']);
    const layers = [{ place: 'glide' as const, product: fluid, coats: 1 }];
    expect(keys({ layers })).toEqual(['liquid', 'structure']);
    const over = [{ place: 'under' as const, product: hard, coats: 1 }, ...layers];
    expect(keys({ layers: over })).toEqual(['hot_wax', 'liquid', 'structure']);
    expect(keys({ layers: over, hasIron: false })).toEqual(['liquid', 'structure']);
    expect(keys({ isVentilated: false })).toContain('liquid');
    expect(keys({ layers, distanceKm: 42 })).toEqual(['liquid_ironed', 'structure']);
    const rust = [{ kind: 'rust' as const, positionCm: 9, side: 'left' as const }];
    expect(keys({ ski: skiOf('alpine'), findings: rust })).not.toContain('edges');
    const burr = [{ kind: 'burr' as const, positionCm: 9, side: 'left' as const }];
    expect(keys({ ski: skiOf('alpine'), findings: burr })[0]).toBe('edges');
    const hollow = [{ kind: 'unflat' as const, positionCm: 9, side: 'left' as const }];
    expect(keys({ findings: hollow })).toEqual([]);
    expect(keys({ ski: skiOf('classic'), grip: stickPlan })).toContain('grip');
    expect(keys({ ski: skiOf('classic'), grip: { ...stickPlan, kind: 'klister' } })).toContain(
      'klister',
    );
    expect(keys({ ski: skiOf('patterned') })).toContain('pattern');
    expect(keys({ ski: skiOf('skin') })).toContain('skin');
    expect(keys({ ski: skiOf('snowboard') })).toContain('snowboard');
  });
});

describe('learned minutes', () => {
  it('draw the house’s figure to what this bench recorded, and forget absurd ones', () => {
    const worked = (count: number, activeMin: number) =>
      Array.from({ length: count }, () => ({ kind: 'scrape' as const, activeMin }));
    expect(learnedMinutes([])).toEqual({});
    expect(learnedMinutes(worked(3, 9)).scrape).toBeCloseTo(6.5, 9);
    expect(learnedMinutes(worked(97, 9)).scrape).toBeCloseTo(8.85, 9);
    expect(
      learnedMinutes([...worked(3, 9), ...worked(2, 400), ...worked(1, NaN)]).scrape,
    ).toBeCloseTo(6.5, 9);
    expect(learnedMinutes([{ kind: 'cool', activeMin: 3 }])).toEqual({});
  });

  it('learn their spread too, drawn to what is usual while there are few records', () => {
    const worked = (minutes: readonly number[]) =>
      minutes.map((activeMin) => ({ kind: 'scrape' as const, activeMin }));
    expect(learnedSpreads([], 0.2)).toEqual({});
    expect(learnedSpreads(worked([5]), 0.2).scrape).toBeCloseTo(0.2 * Math.sqrt(3 / 4), 9);
    const often = Array.from({ length: 300 }, (_, i) => 5 * Math.exp(i % 2 === 0 ? 0.4 : -0.4));
    expect(learnedSpreads(worked([...often, 5]), 0.2).scrape).toBeCloseTo(0.4, 2);
    expect(learnedSpreads(worked([...often, 5, 4000]), 0.2).scrape).toBeCloseTo(0.4, 2);
  });
});
