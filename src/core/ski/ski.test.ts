import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SKATE_PAIR } from '../../../tests/unit/fixtures';
import {
  baseAreaM2,
  careOf,
  readLookOver,
  waxReserve,
  type Finding,
  type Ski,
  type SkiEvent,
} from '.';

const codes = (findings: readonly { code: string }[]) => findings.map(({ code }) => code);

const DAY_MS = 24 * 3_600_000;
const NOW = Date.parse('2027-01-16T12:00:00Z');
const skate = SKATE_PAIR;
const alpine: Ski = { ...skate, type: 'alpine', lengthCm: 170, waistMm: 68, hasBrakes: true };
const ago = (days: number, event: Omit<SkiEvent, 'atMs'>): SkiEvent => ({
  ...event,
  atMs: NOW - days * DAY_MS,
});
const at = (kind: Finding['kind'], positionCm = 90): Finding => ({
  kind,
  positionCm,
  side: 'left',
});

describe('the wax reserve', () => {
  it('fills by coats and empties by kilometres, as in the example', () => {
    const events = [
      ago(9, { kind: 'ground' }),
      ago(8, { kind: 'waxed', coats: 2 }),
      ago(1, { kind: 'kilometres', km: 30 }),
    ];
    expect(waxReserve(events)).toBeCloseTo(0.43, 2);
    expect(waxReserve([...events].reverse())).toBe(waxReserve(events));
  });

  it('is due near the 50 km that practice says, sooner on machine-made and later on soft snow', () => {
    const full = ago(30, { kind: 'waxed', coats: 6 });
    const after = (km: number, snow?: SkiEvent['snow']) =>
      waxReserve([full, ago(1, { kind: 'kilometres', km, snow })]);
    expect(after(40)).toBeGreaterThan(0.3);
    expect(after(50)).toBeLessThan(0.3);
    expect(after(25, 'machine_made_or_icy')).toBeLessThan(0.3);
    expect(after(60, 'soft')).toBeGreaterThan(0.3);
  });

  it('stays within 0 and 1, and neither more coats nor fewer kilometres ever make it emptier', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 10 }),
        fc.double({ min: 0, max: 300, noNaN: true }),
        (coats, km) => {
          const reserve = (c: number, k: number) =>
            waxReserve([
              ago(2, { kind: 'waxed', coats: c }),
              ago(1, { kind: 'kilometres', km: k }),
            ]);
          const here = reserve(coats, km);
          expect(here).toBeGreaterThanOrEqual(0);
          expect(here).toBeLessThanOrEqual(1);
          expect(reserve(coats + 1, km)).toBeGreaterThanOrEqual(here);
          expect(reserve(coats, km + 1)).toBeLessThanOrEqual(here);
        },
      ),
    );
  });

  it('counts a box by its hours, a liquid for little, a top layer for nothing', () => {
    const filled = (event: Omit<SkiEvent, 'atMs' | 'kind'>) =>
      waxReserve([ago(2, { kind: 'ground' }), ago(1, { kind: 'waxed', ...event })]);
    expect(filled({ waxing: 'box', boxHours: 6 })).toBeGreaterThan(0.9);
    expect(filled({ waxing: 'liquid' })).toBeLessThan(filled({ waxing: 'hot' }));
    expect(filled({ waxing: 'top' })).toBeCloseTo(0.1, 9);
    expect(() => waxReserve([ago(1, { kind: 'kilometres', km: -3 })])).toThrow(/km/);
    expect(() => waxReserve([ago(1, { kind: 'waxed', coats: NaN })])).toThrow(/coats/);
  });
});

describe('what a ski is due for', () => {
  it('is said by reserve, kilometres, weeks and look, and by nothing on a fresh ski', () => {
    const waxed = ago(2, { kind: 'waxed', coats: 3 });
    expect(careOf('skate', { events: [waxed], findings: [], nowMs: NOW }).due).toEqual([]);
    const far = careOf('skate', {
      events: [waxed, ago(1, { kind: 'kilometres', km: 55 })],
      findings: [],
      nowMs: NOW,
    });
    expect(codes(far.due)).toEqual(['reserve_low', 'far_since_wax']);
    expect(far).toMatchObject({ kmSinceWax: 55, kmInAll: 55, lastWaxedMs: waxed.atMs });
    const weekly = [ago(8, { kind: 'waxed', coats: 3 }), ago(1, { kind: 'kilometres', km: 5 })];
    expect(codes(careOf('alpine', { events: weekly, findings: [], nowMs: NOW }).due)).toContain(
      'week_of_piste',
    );
    expect(careOf('skate', { events: weekly, findings: [], nowMs: NOW }).due).toEqual([]);
    expect(
      careOf('skate', { events: [waxed], findings: [at('dry')], nowMs: NOW }).due,
    ).toContainEqual({ code: 'looks_dry' });
    const worn = careOf('skate', {
      events: [ago(300, { kind: 'kilometres', km: 950 }), waxed],
      findings: [],
      nowMs: NOW,
    });
    expect(codes(worn.due)).toContain('far_since_grind');
  });

  it('asks for storage wax in summer, in either half of the world, and rests once stored', () => {
    const may = Date.parse('2027-05-20T12:00:00Z');
    const stored: SkiEvent = { kind: 'stored', atMs: may };
    expect(careOf('skate', { events: [], findings: [], nowMs: may }).due).toContainEqual({
      code: 'season_over',
    });
    expect(careOf('skate', { events: [], findings: [], nowMs: may }).isSeasonOver).toBe(true);
    expect(careOf('skate', { events: [], findings: [], nowMs: NOW }).isSeasonOver).toBe(false);
    expect(careOf('skate', { events: [], findings: [], nowMs: may, isSouthern: true }).due).toEqual(
      [],
    );
    expect(
      careOf('skate', { events: [], findings: [], nowMs: NOW, isSouthern: true }).due,
    ).toContainEqual({ code: 'season_over' });
    expect(careOf('skate', { events: [stored], findings: [], nowMs: may + DAY_MS })).toMatchObject({
      isStored: true,
      isSeasonOver: false,
      due: [],
    });
  });
});

describe('the look-over', () => {
  it('puts repair before edges, edges before clean, clean before wax', () => {
    const look = readLookOver(
      [at('dry'), at('dirt'), at('burr'), at('gouge'), at('unflat'), at('hairs')],
      alpine,
    );
    expect(look.items.map((one) => one.group)).toEqual([
      'shop',
      'repair',
      'edges',
      'clean',
      'clean',
      'wax',
    ]);
    expect(look.baseState).toBe('dry');
    expect(codes(look.shop)).toContain('not_flat');
  });

  it('tells burn from dry, counts places, and knows when it is a shop’s work', () => {
    expect(readLookOver([], skate)).toEqual({ items: [], baseState: 'in_use', shop: [] });
    const burns = Array.from({ length: 6 }, (_, i) => at('burn', 60 + 10 * i));
    expect(readLookOver([...burns.slice(0, 2), at('dry')], skate)).toMatchObject({
      baseState: 'burnt',
      shop: [],
    });
    expect(codes(readLookOver(burns, skate).shop)).toContain('burnt_all_over');
    expect(readLookOver(burns, skate).items[0]!.places).toBe(6);
    expect(codes(readLookOver([at('delamination')], skate).shop)).toEqual(['delaminated']);
    expect(codes(readLookOver([at('rust')], skate).shop)).toEqual(['no_steel_edge']);
    expect(() => readLookOver([at('dry', 191)], skate)).toThrow(/positionCm/);
  });
});

it('reckons the base of a narrow pair near 0.17 m², an alpine one near 0.27', () => {
  expect(baseAreaM2(skate)).toBeCloseTo(0.17, 2);
  expect(baseAreaM2(alpine)).toBeCloseTo(0.27, 2);
  expect(baseAreaM2({ type: 'snowboard', lengthCm: 158, waistMm: 252 })).toBeCloseTo(0.44, 2);
});
