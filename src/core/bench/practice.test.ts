import { describe, expect, it } from 'vitest';
import { waxReserve } from '../ski';
import type { FindingKind } from '../terms';
import { PROGRAMMES, waxingsOf, type BenchProduct, type Programme, type SheetRequest } from '.';
import { buildSheet as coreSheet } from '.';
import { renderedSheet } from '../../words/rendered/sheet';
import { DEFAULT_UNITS } from '../../words/units';
import { writerFor } from '../../words/write';
import { GOLDEN, PRODUCTS, requestFor } from '../../../tests/unit/sheets';

const { frost, hard, edge, fluid, baseFluid, roller, topFluid, soft, cleaner } = PRODUCTS;
const buildSheet = (asked: SheetRequest) =>
  renderedSheet(coreSheet(asked), writerFor(DEFAULT_UNITS));
const keysOf = (asked: SheetRequest) => coreSheet(asked).steps.map((step) => step.key);
const found = (...kinds: FindingKind[]) =>
  kinds.map((kind, i) => ({ kind, positionCm: 20 * (i + 1), side: 'left' as const }));
const glideOf = (product: BenchProduct, coats = 1) => [{ place: 'glide' as const, product, coats }];
const codes = (asked: SheetRequest) => coreSheet(asked).notes.map((note) => note.code);

describe('what could hurt a ski', () => {
  it('covers a skin before any iron, wax or cleaner, and uncovers it before its own care', () => {
    const keys = keysOf(requestFor('skin', ['clean_liquid', 'hot_wax', 'skin'], { cleaner }));
    const at = (key: string) => keys.indexOf(key);
    expect(at('skin.cover')).toBeLessThan(at('clean.liquid'));
    expect(at('skin.uncover')).toBeGreaterThan(at('glide.iron'));
    expect(at('skin.care')).toBeGreaterThan(at('skin.uncover'));
    expect(keysOf(requestFor('skin', ['skin']))).not.toContain('skin.cover');
  });

  it('sends a base that is not flat to the grinder, and does nothing else to it', () => {
    const asked = requestFor('alpine', ['edges', 'hot_wax'], {
      findings: found('unflat', 'gouge'),
    });
    expect(keysOf(asked)).toEqual(['grinder']);
    expect(codes(asked)).toContain('grinder_first');
    const summer = keysOf(
      requestFor('alpine', ['storage'], { findings: found('unflat', 'gouge') }),
    );
    expect(summer).toContain('store.leave');
    expect(summer.join()).not.toMatch(/repair|edge/);
  });

  it('takes rust off with the stone, without a new bevel', () => {
    const asked = requestFor('alpine', ['hot_wax'], { findings: found('rust') });
    const sheet = buildSheet(asked);
    const rust = sheet.steps.find((step) => step.key === 'edge.rust')!;
    expect(rust.tool).toContain('Rubber stone');
    expect(keysOf(asked)).not.toContain('edge.base');
    expect(keysOf(asked)).toContain('edge.wipe');
  });

  it('names each grit for base and side, and wipes filings off before wax', () => {
    const sheet = buildSheet(requestFor('alpine', ['edges', 'hot_wax']));
    const step = (key: string) => sheet.steps.find((one) => one.key === key)!;
    expect(step('edge.case').tool).toBe('Coarse diamond');
    expect(step('edge.base').tool).toMatch(/second-cut file, fine diamond/);
    expect(step('edge.side').tool).toMatch(/coarse file, second-cut file, fine diamond/);
    const keys = sheet.steps.map((one) => one.key);
    expect(keys.indexOf('edge.wipe')).toBeLessThan(keys.indexOf('open-structure'));
    expect(keys[keys.indexOf('release') + 1]).toBe('glide.on');
  });

  it('takes klister off before storage wax, and waits for the cleaner', () => {
    const keys = keysOf(requestFor('classic', ['storage'], { cleaner }));
    expect(keys.slice(2, 5)).toEqual(['grip.off', 'grip.flash-off', 'store.on']);
    const dry = keysOf(requestFor('classic', ['storage'], { cleaner: undefined }));
    expect(dry.slice(2, 4)).toEqual(['grip.off', 'store.on']);
    const off = (request: SheetRequest) =>
      coreSheet(request).steps.find(({ key }) => key === 'grip.off');
    expect(off(requestFor('classic', ['storage'], { cleaner }))).toMatchObject({
      work: { hasCleaner: true },
      caution: 'flammable',
      productId: cleaner.id,
    });
    expect(off(requestFor('classic', ['storage'], { cleaner: undefined }))).toMatchObject({
      work: { hasCleaner: false },
      caution: 'scraper',
    });
    expect(keysOf(requestFor('skate', ['storage']))).not.toContain('grip.off');
  });
});

describe('liquids', () => {
  const liquid = (methods: Record<string, string>, more: Partial<SheetRequest> = {}) =>
    requestFor('skate', ['liquid'], { layers: glideOf(fluid), methods, ...more });

  it('go on as the team works: sponge and cork, brush and cork at once, or sponge and brush', () => {
    expect(keysOf(liquid({})).slice(2, -1)).toEqual([
      'glide.on',
      'glide.dry',
      'glide.cork',
      'glide.brush.horsehair',
    ]);
    const brushed = buildSheet(liquid({ liquid: 'brush_on_cork' }));
    expect(brushed.steps.find((step) => step.key === 'glide.on')!.what).toContain('15 to 20 cm');
    expect(brushed.steps.map((step) => step.key)).not.toContain('glide.cork');
    expect(keysOf(liquid({ liquid: 'sponge_dry_brush' })).slice(2, -1)).toEqual([
      'glide.on',
      'glide.dry',
      'glide.brush.nylon',
      'glide.brush.horsehair',
    ]);
  });

  it('follow a base liquid, in one to three thin coats, and dry as long as their label says', () => {
    const sheet = coreSheet(
      liquid({}, { layers: glideOf({ ...fluid, dryMin: 2 }, 7), baseLiquid: baseFluid }),
    );
    const films = sheet.steps.filter((step) => step.kind === 'liquid_on');
    expect(films.map((step) => step.key)).toEqual([
      'glide-base.on',
      'glide-1.on',
      'glide-2.on',
      'glide-3.on',
    ]);
    const dry = sheet.steps.find((step) => step.key === 'glide-2.dry')!;
    expect([dry.waitMin, dry.waitLeastMin]).toEqual([2, 2]);
  });

  it('may go over an ironed underlayer; without the iron the sheet says what it left out', () => {
    const layers = [{ place: 'under' as const, product: hard, coats: 1 }, ...glideOf(fluid)];
    const mixed = keysOf(requestFor('skate', ['hot_wax', 'liquid'], { layers }));
    expect(mixed.indexOf('under.iron')).toBeGreaterThan(0);
    expect(mixed.indexOf('glide.on')).toBeGreaterThan(mixed.indexOf('under.scrape'));
    expect(codes(requestFor('skate', ['liquid'], { layers }))).toEqual(['under_left_out']);
    const bare = keysOf(requestFor('skate', ['hot_wax', 'liquid'], { layers: glideOf(fluid) }));
    expect(bare).toContain('under.iron');
  });

  it('without an iron, a block is rubbed on and corked', () => {
    const keys = keysOf(requestFor('skate', ['liquid']));
    expect(keys.slice(2, 4)).toEqual(['glide.on', 'glide.cork']);
  });
});

describe('very hot powders', () => {
  const hardened = (more: Partial<SheetRequest> = {}) =>
    requestFor('skate', ['hardening'], {
      layers: [{ place: 'edges', product: edge, coats: 1 }],
      ...more,
    });

  it('are dabbed, ironed by halves, brushed up and ironed again, with a respirator', () => {
    const sheet = buildSheet(hardened());
    expect(sheet.steps.map((step) => step.key).slice(2, 9)).toEqual([
      'harden.on',
      'harden.dab',
      'harden.edge-iron',
      'harden.cool',
      'harden.up',
      'harden.second-iron',
      'harden.cool-again',
    ]);
    expect(sheet.steps.find((step) => step.kind === 'iron')!.caution).toContain('respirator');
    expect(keysOf(hardened())).not.toContain('harden.scrape');
    expect(keysOf(hardened({ methods: { powder_finish: 'scrape_lightly' } }))).toContain(
      'harden.scrape',
    );
  });

  it('are refused on an iron that cannot hold the label', () => {
    const passes = [{ passS: 8, restS: 10 }];
    const weak = { [edge.id]: { setC: 165, passes, isHeld: false } };
    expect(codes(hardened({ ironing: weak }))).toEqual(['iron_cannot_hold']);
    expect(coreSheet(hardened({ ironing: weak })).steps.some((one) => one.kind === 'iron')).toBe(
      false,
    );
    const strong = { [edge.id]: { setC: 165, passes, isHeld: true } };
    expect(codes(hardened({ ironing: strong }))).toEqual([]);
  });
});

describe('tools and boxes', () => {
  it('roll only what is made for the roller, and sponge only what is liquid', () => {
    const top = (programme: Programme, product: BenchProduct) =>
      codes(requestFor('skate', [programme], { layers: [{ place: 'top', product, coats: 1 }] }));
    expect(top('top_roller', topFluid)).toEqual(['not_for_roller']);
    expect(top('top_sponge', roller)).toEqual(['not_for_sponge']);
    expect(top('top_roller', roller)).toEqual([]);
    const both = { ...topFluid, applications: ['wipe', 'roller'] as const };
    expect(top('top_roller', both)).toEqual([]);
  });

  it('soak by the melting point of the wax, the longer the cooler, instead of five coats', () => {
    const box = (meltingC: number) =>
      coreSheet(requestFor('skate', ['hot_box'], { softWax: { ...soft, meltingC } })).steps.find(
        (step) => step.kind === 'hot_box',
      )!;
    expect(box(60)).toMatchObject({ work: { boxC: 60, hours: 4 }, waitMin: 240 });
    expect(box(45)).toMatchObject({ work: { boxC: 50 } });
    expect(box(45).waitMin).toBeGreaterThan(400);
    expect(box(45).figures.boxHours).toBeCloseTo(4, 0);
    const hardest = requestFor('skate', ['hot_box'], { softWax: { ...soft, meltingC: 70 } });
    expect(codes(hardest)).toEqual(['too_hard_for_box']);
    const fresh = keysOf(GOLDEN.hot_box);
    expect(fresh.filter((key) => key.endsWith('.iron'))).toEqual(['glide.iron']);
  });

  it('sharpens the scraper once a sheet, before it is used', () => {
    for (const programme of PROGRAMMES) {
      const { steps } = coreSheet(GOLDEN[programme]);
      const scrapes = steps.findIndex(({ kind }) => ['scrape', 'scrape_warm'].includes(kind));
      const sharp = steps.flatMap((step, i) => (step.kind === 'sharpen' ? [i] : []));
      if (scrapes >= 0) expect(sharp, programme).toEqual([1]);
    }
  });

  it('cool a hard wax out of a freezing doorway', () => {
    const what = (product: BenchProduct) =>
      buildSheet(requestFor('skate', ['hot_wax'], { layers: glideOf(product) })).steps.find(
        (step) => step.kind === 'cool',
      )!.what;
    expect(what(hard)).toContain('doorway');
    expect(what(frost)).not.toContain('doorway');
  });
});

describe('what a sheet books', () => {
  it.each(PROGRAMMES)('is what its coats fill: %s', (programme) => {
    const { steps } = coreSheet(GOLDEN[programme]);
    const coats = steps.filter(({ kind, key }) => kind === 'iron' && /\.iron$/.test(key)).length;
    const films = steps.filter(
      ({ kind, key }) => kind === 'liquid_on' && key !== 'pattern.on',
    ).length;
    const booked = waxingsOf(steps);
    const sum = (...ways: string[]) =>
      booked.filter(({ waxing }) => ways.includes(waxing)).reduce((all, one) => all + one.coats, 0);
    expect(sum('hot', 'storage')).toBe(coats);
    expect(sum('liquid')).toBe(films);
    const events = booked.map((one) => ({ kind: 'waxed' as const, atMs: 1, ...one }));
    const reserve = waxReserve([{ kind: 'ground', atMs: 0 }, ...events]);
    const hours = booked.reduce((all, { boxHours = 0 }) => all + boxHours, 0);
    expect(hours > 0).toBe(programme === 'hot_box');
    const boxed = Math.exp(-hours / 2);
    expect(reserve).toBeCloseTo(1 - 0.9 * boxed * 0.32 ** coats * 0.75 ** films, 2);
  });
});
