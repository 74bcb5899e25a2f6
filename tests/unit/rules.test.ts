import { beforeEach, describe, expect, it } from 'vitest';
import { METHOD_GROUPS, packed, unpacked } from '@/core/choice';
import { findFit } from '@/core/grip';
import type { Ski } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { listGripNotes } from '@/data/grip-notes';
import { findOuting } from '@/data/outings';
import { listProducts } from '@/data/products';
import { loadCourse } from '@/data/course';
import { addReadings, listReadings } from '@/data/readings';
import { listSegments } from '@/data/segments';
import { addFinding, listFindings, listSkiEvents } from '@/data/ski-events';
import { listSkis } from '@/data/skis';
import { remainingGrams } from '@/data/stock';
import { loadTeamSettings } from '@/data/team-settings';
import { findVenue, listVenues } from '@/data/venues';
import { summariseStations } from '@/data/weather';
import { ironSettings } from '@/server/job/iron-settings';
import {
  baseLiquidOf,
  forThisBase,
  grindNote,
  gripFor,
  layersOf,
  softWaxOf,
} from '@/server/job/sheet-parts';
import { keepFit, keepTried, takeNoteBack } from '@/features/grip/use-cases/keep-notes';
import { loadGrip } from '@/features/grip/use-cases/load-grip';
import { forgetIron, keepIron } from '@/features/iron/use-cases/own-irons';
import { runIron } from '@/features/iron/use-cases/run-iron';
import { choiceGround } from '@/features/pick/use-cases/choice-ground';
import { keepFacts } from '@/features/pick/use-cases/keep-facts';
import { modelledWindow } from '@/server/modelled-window';
import { seenBase } from '@/features/pick/use-cases/seen-base';
import { changeTeam } from '@/features/settings/use-cases/change-team';
import { moveStock } from '@/features/shelf/use-cases/move-stock';
import { clearMark, markBase } from '@/features/skis/use-cases/base-marks';
import { takeEventBack, writeEvent } from '@/features/skis/use-cases/ski-life';
import { saveCourse } from '@/features/venue/use-cases/save-course';
import { addStation, forgetWeather, saveVenueFacts } from '@/features/venue/use-cases/save-venue';
import type { WireResult } from '@/formats/wire';
import { modelledCases } from '@/server/cases';
import { temporaryDatabase } from './temporary-database';

const AT = '2027-01-13T13:00:00.000Z';
let db: FrostDatabase;
beforeEach(async () => {
  db = await temporaryDatabase();
});

const valueOf = <T>(result: WireResult<T>): T => {
  if (!result.ok) throw new Error(result.error.message);
  return result.value;
};
const errorOf = (result: WireResult<unknown>) => {
  if (result.ok) throw new Error('it was done');
  const { code, message, details } = result.error;
  return { code, message, fields: (details as { field?: string }[]).map((one) => one.field) };
};
const anySki = async () => (await listSkis(db))[0]!;
const venueId = async () => (await listVenues(db))[0]!.id;

describe('marks on a base', () => {
  const mark = (change: object) =>
    markBase(
      db,
      { kind: 'gouge', positionCm: 80, side: 'left', ...change },
      { id: `m-${Math.random()}`, at: AT },
    );

  it('lie on the ski: not beyond its tail, and not on a ski that is gone', async () => {
    const ski = await anySki();
    expect(errorOf(await mark({ skiId: ski.id, positionCm: ski.lengthCm + 1 }))).toMatchObject({
      code: 'invalid_input',
      fields: ['positionCm'],
      message: expect.any(String) as string,
    });
    valueOf(await mark({ skiId: ski.id, positionCm: ski.lengthCm }));
    expect(errorOf(await mark({ skiId: 'gone' })).code).toBe('not_found');
    expect(errorOf(await mark({ skiId: ski.id, kind: 'scar' })).fields).toContain('kind');
  });

  it('are cleared by hand and put back', async () => {
    const { id: skiId } = await anySki();
    const { id } = valueOf(await mark({ skiId }));
    const stands = async () => (await listFindings(db, skiId)).some((one) => one.id === id);
    await clearMark(db, { id, isBack: false, at: AT });
    expect(await stands()).toBe(false);
    await clearMark(db, { id, isBack: true, at: AT });
    expect(await stands()).toBe(true);
  });
});

describe('the life of a ski', () => {
  const write = (input: object) => writeEvent(db, input, { id: 'e', nowMs: Date.parse(AT) });

  it('takes an event now or at the moment that is given', async () => {
    const { id: skiId } = await anySki();
    valueOf(await write({ skiId, kind: 'kilometres', km: 20, at: '2027-01-12T09:00:00+01:00' }));
    const [event] = (await listSkiEvents(db, skiId)).filter((one) => one.id === 'e');
    expect(event).toMatchObject({ km: 20, atMs: Date.parse('2027-01-12T08:00:00Z') });
    expect(valueOf(await takeEventBack(db, 'e'))).toMatchObject({ id: 'e', kind: 'kilometres' });
    expect(errorOf(await takeEventBack(db, 'e')).code).toBe('not_found');
  });

  it('asks how far, and for a ski that is there', async () => {
    const { id: skiId } = await anySki();
    expect(errorOf(await write({ skiId, kind: 'kilometres' })).fields).toEqual(['km']);
    expect(errorOf(await write({ skiId: 'gone', kind: 'ground' })).code).toBe('not_found');
  });
});

describe('stock', () => {
  const move = (kind: string, grams: number, productId = 'demo-frost') =>
    moveStock(db, { productId, kind, grams }, { id: `s-${Math.random()}`, at: AT });
  const left = async () => (await remainingGrams(db))['demo-frost']!;

  it('weighed is what is there, whatever was booked before', async () => {
    valueOf(await move('corrected', 31));
    expect(await left()).toBeCloseTo(31, 9);
    valueOf(await move('bought', 60));
    valueOf(await move('used', 91));
    expect(await left()).toBeCloseTo(0, 9);
    expect(errorOf(await move('used', 0.5)).fields).toEqual(['grams']);
    expect(errorOf(await move('bought', 10, 'gone')).code).toBe('not_found');
  });
});

describe('the team', () => {
  it('changes one way of working and keeps the others', async () => {
    valueOf(await changeTeam(db, { methods: { drive: 'rotary' } }));
    const now = valueOf(
      await changeTeam(db, {
        methods: { [METHOD_GROUPS[0]!.key]: METHOD_GROUPS[0]!.options[0]! },
        ventilated: false,
      }),
    );
    expect(now.ventilated).toBe(false);
    expect((await loadTeamSettings(db)).methods.drive).toBe('rotary');
  });

  it('adds and takes tools away on top of what others did meanwhile', async () => {
    await changeTeam(db, { tools: { added: ['riller'], removed: [] } });
    await changeTeam(db, { tools: { added: ['cork'], removed: ['ski_iron'] } });
    const { tools } = await loadTeamSettings(db);
    expect(tools).toContain('riller');
    expect(tools.filter((one) => one === 'cork')).toHaveLength(1);
    expect(tools).not.toContain('ski_iron');
  });

  it('refuses a tool that there is not', async () => {
    const before = await loadTeamSettings(db);
    expect(errorOf(await changeTeam(db, { tools: { added: ['hammer'] } })).code).toBe(
      'invalid_input',
    );
    expect(await loadTeamSettings(db)).toEqual(before);
  });
});

describe('irons of the team', () => {
  const iron = (name: string, more: object = {}) =>
    keepIron(db, { name, plateLengthM: 0.14, massKg: 1, powerW: 850, ...more });

  it('are kept by name, the later of the same name instead of the earlier', async () => {
    valueOf(await iron('Brass'));
    valueOf(await iron('Brass', { powerW: 900 }));
    const { irons } = await loadTeamSettings(db);
    expect(irons.filter((one) => one.name === 'Brass')).toEqual([
      expect.objectContaining({ powerW: 900 }),
    ]);
    expect(valueOf(await forgetIron(db, 'Brass')).powerW).toBe(900);
    expect(errorOf(await forgetIron(db, 'Brass')).code).toBe('not_found');
  });

  it('are twelve at most, said when one more comes', async () => {
    for (let i = 0; i < 12; i += 1) valueOf(await iron(`Iron ${i}`));
    const refused = errorOf(await iron('One more'));
    expect(refused.code).toBe('conflict');
    expect(refused.message).toContain('12');
    valueOf(await iron('Iron 3', { massKg: 2 }));
  });
});

describe('the iron by request', () => {
  const GOOD = {
    wax: { meltingC: 90, ironC: 130 },
    ski: { lengthM: 1.9, widthM: 0.045, startC: 15 },
    iron: { setC: 130, plateLengthM: 0.14, massKg: 1, powerW: 850 },
    passS: 8,
    passes: 2,
    roomC: 15,
    filmMicrometre: 25,
  };

  it('answers with a reason in words and by code', () => {
    const answer = valueOf(runIron(GOOD));
    expect(answer.passes).toHaveLength(2);
    expect(answer.adviceReason).toMatch(/\.$/);
    expect(answer.findings.at(-1)).toMatchObject({ message: answer.adviceReason });
  });

  it('names the field of what cannot be', () => {
    expect(errorOf(runIron({ ...GOOD, passS: 0 })).fields).toEqual(['passS']);
    expect(errorOf(runIron(undefined)).fields).toContain('wax');
  });
});

describe('what a sheet is made of', () => {
  it('settings of the iron for each wax that is ironed, with their reason', async () => {
    const products = (await listProducts(db)).filter((one) => one.role === 'glide').slice(0, 6);
    const team = await loadTeamSettings(db);
    const settings = await ironSettings(products, { ski: await anySki(), team, roomC: 15 });
    const ironed = products.filter((one) => one.applications.includes('iron'));
    expect(Object.keys(settings).sort()).toEqual(ironed.map((one) => one.id).sort());
    for (const { setC, passes, why } of Object.values(settings)) {
      expect(setC).toBeGreaterThan(60);
      expect(passes.length).toBeGreaterThan(0);
      for (const { passS } of passes) expect(passS).toBeGreaterThan(0);
      expect(why!.code).toMatch(/^(lab|by)_/);
    }
  });

  it('a soft wax under all where the base is dry, hardener at the edges where it is burnt', async () => {
    const shelf = await listProducts(db);
    const look = (baseState: 'dry' | 'burnt' | 'in_use') =>
      forThisBase([], { baseState } as Parameters<typeof forThisBase>[1], shelf).map(
        (one) => one.place,
      );
    expect(look('in_use')).toEqual([]);
    expect(look('dry')).toEqual(['conditioning']);
    expect(look('burnt')).toEqual(['conditioning', 'edges']);
    const own = { place: 'conditioning' as const, product: softWaxOf(shelf)!, coats: 3 };
    const kept = forThisBase([own], { baseState: 'dry' } as never, shelf);
    expect(kept).toEqual([own]);
    expect(own.product.form).toBe('block');
    expect(baseLiquidOf(shelf)!.form).toBe('liquid');
  });

  it('no very hot powder from an iron that swings', async () => {
    const hardener = (await listProducts(db)).find((one) => one.role === 'hardener')!;
    const team = await loadTeamSettings(db);
    const isHeld = async (tool: 'ski_iron' | 'household_iron') => {
      const bench = { ski: await anySki(), team: { ...team, irons: [], tools: [tool] }, roomC: 15 };
      return (await ironSettings([hardener], bench))[hardener.id]!.isHeld;
    };
    expect(await isHeld('household_iron')).toBe(false);
    expect(await isHeld('ski_iron')).toBe(true);
  });

  it('a note where the grind is coarser than the day asks for, and none where it is finer', () => {
    const grind = (grindMm: number | undefined) => grindNote({ grindMm } as Ski, 0.5)?.code;
    expect(grind(undefined)).toBeUndefined();
    expect(grind(0.3)).toBeUndefined();
    expect(grind(0.7)).toBeUndefined();
    expect(grind(1)).toBe('grind_too_coarse');
  });

  it('no layers without a choice, or of a wax that left the shelf', async () => {
    expect(layersOf(undefined, await listProducts(db))).toEqual([]);
  });
});

describe('grip notes', () => {
  const stamp = { id: 'n', at: AT };

  it('keep a fit that can be computed, and no other', async () => {
    const fit = { skiLengthCm: 200, feeler: { backCm: -12, frontCm: 44 } };
    valueOf(await keepFit(db, { outingId: 'demo-tour', input: fit, stamp }));
    expect((await listGripNotes(db, 'demo-tour', 'fit')).at(-1)!.content).toEqual(fit);
    const swapped = { skiLengthCm: 200, feeler: { backCm: 44, frontCm: -12 } };
    expect(errorOf(await keepFit(db, { outingId: 'demo-tour', input: swapped, stamp })).code).toBe(
      'invalid_input',
    );
    expect(errorOf(await keepFit(db, { outingId: 'gone', input: fit, stamp })).code).toBe(
      'not_found',
    );
    const unknown = { outingId: 'demo-tour', skiId: 'gone', input: fit, stamp };
    expect(errorOf(await keepFit(db, unknown)).code).toBe('not_found');
  });

  it('refuse an id of a pair that is none', async () => {
    const fit = { skiLengthCm: 200, feeler: { backCm: -12, frontCm: 44 } };
    const odd = { outingId: 'demo-tour', skiId: { or: 1 }, input: fit, stamp };
    expect(errorOf(await keepFit(db, odd)).code).toBe('invalid_input');
  });

  it('give klister the zone of klister, shorter than that of the stick', async () => {
    const pair = (await listSkis(db)).find((one) => one.type === 'classic')!;
    const input = { skiLengthCm: 200, feeler: { backCm: -10, frontCm: 45 } };
    const fit = { outingId: 'demo-tour', skiId: pair.id, input, stamp };
    valueOf(await keepFit(db, fit));
    await db.deleteFrom('weather').execute();
    const outing = (await findOuting(db, 'demo-tour'))!;
    const [reading] = await listReadings(db, outing.id, 1);
    const seen = { id: 'wet', temperatureC: 0, grain: 'MF', wetness: 'wet' } as const;
    await addReadings(db, [{ ...reading!, ...seen, takenAt: AT, createdAt: AT }]);
    const plan = (await gripFor(db, { ski: pair, outing, shelf: await listProducts(db) }))!;
    const { zone, klisterZone } = findFit(input);
    expect(plan.kind).toBe('klister');
    expect(plan).toMatchObject(klisterZone!);
    expect(plan.endCm).toBeLessThan(zone.endCm);
  });

  it('keep the fit of each pair for itself, on the next outing too', async () => {
    const classic = (await listSkis(db)).filter((one) => one.type === 'classic');
    const [first, second] = [classic[0]!, classic[1]!];
    const fitTo = (frontCm: number) => ({ skiLengthCm: 200, feeler: { backCm: -10, frontCm } });
    const keepOf = async (ski: Ski, frontCm: number, id: string) =>
      valueOf(
        await keepFit(db, {
          outingId: 'demo-tour',
          skiId: ski.id,
          input: fitTo(frontCm),
          stamp: { id, at: AT },
        }),
      );
    await keepOf(first, 30, 'fit-1');
    await keepOf(second, 48, 'fit-2');
    const outing = (await findOuting(db, 'demo-relay'))!;
    const zoneOf = async (ski: Ski) =>
      (await gripFor(db, { ski, outing, shelf: await listProducts(db) }))!.endCm;
    expect(await zoneOf(second)).toBeGreaterThan((await zoneOf(first)) + 10);
    expect((await loadGrip(db, outing, second.id)).fit).toEqual(fitTo(48));
    expect((await loadGrip(db, outing, first.id)).pair?.id).toBe(first.id);
  });

  it('remember what was tried, and forget it once', async () => {
    const input = { complaint: 'slipping', key: 'more_layers' };
    valueOf(await keepTried(db, { outingId: 'demo-tour', input, stamp }));
    valueOf(await takeNoteBack(db, 'n'));
    expect(errorOf(await takeNoteBack(db, 'n')).code).toBe('not_found');
    expect(
      errorOf(await keepTried(db, { outingId: 'demo-tour', input: { complaint: 'flying' }, stamp }))
        .fields,
    ).toEqual(expect.arrayContaining(['complaint', 'key']));
  });
});

describe('what a choice stands on', () => {
  const FACTS = { discipline: 'skate', distanceKm: 10, purpose: 'race' } as const;
  const input = async (change: object) => {
    const [reading] = await listReadings(db, 'demo-relay', 1);
    return {
      outingId: 'demo-relay',
      readingId: reading!.id,
      productId: 'demo-frost',
      facts: FACTS,
      startAt: '2027-01-13T17:00:00Z',
      basis: 'measured' as const,
      handCorrectionC: 0,
      ...change,
    };
  };

  it('the reading that is named, of this outing', async () => {
    const { cases } = valueOf(await choiceGround(db, (await input({})) as never));
    expect(cases.reading).toBeDefined();
    for (const change of [
      { readingId: 'gone' },
      { outingId: 'demo-slalom' },
      { outingId: 'gone' },
    ]) {
      expect(errorOf(await choiceGround(db, (await input(change)) as never)).code).toBe(
        'not_found',
      );
    }
  });

  it('the outlook over the window, where there is weather for it', async () => {
    const modelled = valueOf(await choiceGround(db, (await input({ basis: 'modelled' })) as never));
    expect(modelled.cases.timesMs.length).toBeGreaterThan(1);
    const far = await input({ basis: 'modelled', startAt: '2027-03-13T17:00:00Z' });
    expect(errorOf(await choiceGround(db, far as never)).message).toMatch(/weather/i);
  });

  it('what a reading saw at one spot, not for the rest of the course', async () => {
    const outing = (await findOuting(db, 'demo-relay'))!;
    const course = await loadCourse(db, outing);
    const [reading] = await listReadings(db, outing.id, 1);
    const origins = async (spot: string | undefined) => {
      const seen = { ...reading!, spot, origin: 'natural' as const };
      const ground = (await modelledCases(db, { course, outing, reading: seen }))!;
      return ground.cases.segments.map(({ origin }) => origin);
    };
    const made = course.places.findIndex((one) => one.surface === 'machine_made');
    const nowhere = await origins('by the cabin');
    expect(nowhere[made]).toBe('machine_made');
    const there = await origins(course.places[made]!.name);
    expect(there[made]).toBe('natural');
    const others = (all: string[]) => all.filter((_, i) => i !== made);
    expect(others(there)).toEqual(others(nowhere));
  });

  it('travels to the browser at half its size and comes out as it was', async () => {
    const { cases } = valueOf(
      await choiceGround(db, (await input({ basis: 'modelled' })) as never),
    );
    const sent = packed(cases);
    expect(sent.values.temperatureC).toHaveLength(cases.temperatureC.byteLength / 2);
    const back = unpacked(sent);
    expect({ ...back, sharpness: undefined }).toEqual({ ...cases, sharpness: undefined });
    // Sharpness alone is bounded by a figure of the house, which the members did not have.
    back.sharpness.forEach((one, i) => expect(one).toBeCloseTo(cases.sharpness[i]!, 6));
  });

  it('the outlook of another window, for the screen', async () => {
    const cases = valueOf(
      await modelledWindow(db, 'demo-relay', { startAt: '2027-01-13T18:00:00Z', hoursOnSnow: 2 }),
    );
    expect(cases!.timesMs[0]).toBe(Date.parse('2027-01-13T18:00:00Z'));
    expect(errorOf(await modelledWindow(db, 'gone', { startAt: AT })).code).toBe('not_found');
    expect(errorOf(await modelledWindow(db, 'demo-relay', {})).fields).toEqual(['startAt']);
    expect(errorOf(await modelledWindow(db, { id: 1 }, { startAt: AT })).code).toBe(
      'invalid_input',
    );
  });

  it('the worst that was seen on the bases of its skis, common or not', async () => {
    const skis = (await listSkis(db)).filter((one) => one.type === 'skate');
    for (const one of await listFindings(db))
      await clearMark(db, { id: one.id, isBack: false, at: AT });
    expect(await seenBase(db, 'skate')).toBeUndefined();
    const burn = (skiId: string, kind: 'dry' | 'burn') =>
      addFinding(db, {
        id: `f-${skiId}`,
        skiId,
        kind,
        positionCm: 90,
        side: 'left',
        foundAt: AT,
      } as never);
    await burn(skis[0]!.id, 'dry');
    const first = (await seenBase(db, 'skate'))!;
    expect(first).toMatchObject({ state: 'dry', names: [skis[0]!.name] });
    expect(first.isCommon).toBe(2 >= skis.length);
    for (const ski of skis.slice(1)) await burn(ski.id, 'dry');
    expect((await seenBase(db, 'skate'))!.isCommon).toBe(true);
    expect(await seenBase(db, 'snowboard')).toBeUndefined();
  });

  it('facts that were changed on the screen are kept, others stay as they are stored now', async () => {
    const before = (await findOuting(db, 'demo-relay'))!;
    const { discipline, purpose, distanceKm, startAt } = before;
    const base = { discipline, purpose, distanceKm, startAt };
    await keepFacts(db, 'demo-relay', {
      facts: { discipline, purpose, distanceKm: 12 },
      startAt,
      base,
    });
    await keepFacts(db, 'demo-relay', {
      facts: { discipline, purpose: 'recreation', distanceKm },
      startAt,
      base,
    });
    expect(await findOuting(db, 'demo-relay')).toMatchObject({
      distanceKm: 12,
      purpose: 'recreation',
    });
  });
});

describe('a venue', () => {
  const place = async () => {
    const { name, altitudeM, latitude, longitude, timeZone, ownCorrectionC } = (await findVenue(
      db,
      await venueId(),
    ))!;
    return { name, altitudeM, latitude, longitude, timeZone, ownCorrectionC };
  };

  it('merges two changes of different fields, and asks where both changed the same', async () => {
    const [id, base] = [await venueId(), await place()];
    valueOf(await saveVenueFacts(db, { id, input: { ...base, altitudeM: 777 }, base }));
    const merged = valueOf(
      await saveVenueFacts(db, { id, input: { ...base, ownCorrectionC: 1 }, base }),
    );
    expect(merged.taken).toEqual(['altitudeM']);
    expect(await place()).toMatchObject({ altitudeM: 777, ownCorrectionC: 1 });
    expect(
      errorOf(await saveVenueFacts(db, { id, input: { ...base, altitudeM: 800 }, base })).code,
    ).toBe('changed_meanwhile');
    expect(errorOf(await saveVenueFacts(db, { id: 'gone', input: base, base })).code).toBe(
      'not_found',
    );
  });

  it('merges two changes of its course segment by segment, not of other lengths', async () => {
    const id = await venueId();
    const base = await listSegments(db, id);
    const renamed = (at: number, name: string) =>
      base.map((one, i) => (i === at ? { ...one, name } : one));
    const save = (segments: unknown) => saveCourse(db, { venueId: id, segments, base });
    valueOf(await save(renamed(0, 'First')));
    const second = valueOf(await save(renamed(1, 'Second')));
    expect(second.taken).toEqual(['0.name']);
    expect((await listSegments(db, id)).map((one) => one.name).slice(0, 2)).toEqual([
      'First',
      'Second',
    ]);
    expect(errorOf(await save(base.slice(1))).code).toBe('changed_meanwhile');
    expect(errorOf(await save([{ name: '' }])).code).toBe('invalid_input');
  });

  it('gets stations, and forgets weather that came in at an instant', async () => {
    const id = await venueId();
    valueOf(
      await addStation(db, { venueId: id, input: { name: ' Mast ', altitudeM: 990 }, id: 'm' }),
    );
    expect((await summariseStations(db, id)).find((one) => one.id === 'm')!.name).toBe('Mast');
    expect(
      errorOf(
        await addStation(db, { venueId: 'gone', input: { name: 'M', altitudeM: 1 }, id: 'x' }),
      ).code,
    ).toBe('not_found');
    expect(valueOf(await forgetWeather(db, 'm', AT))).toEqual({ hours: 0 });
  });
});
