import fc from 'fast-check';
import type { Schema } from 'yup';
import { describe, expect, it } from 'vitest';
import { runSchema, sheetRequestSchema } from './bench';
import { courseSchema, segmentSchema, stationSchema } from './course';
import { fitSchema, gapSchema, gripRequestSchema } from './grip';
import { ironRequestSchema, ownIronSchema } from './iron';
import { outingSchema, venueSchema, windowSchema } from './outing';
import { pickRequestSchema } from './pick';
import { stockMoveSchema } from './shelf';
import { findingSchema, skiEventSchema, skiSchema } from './ski';
import { validate } from './validation';

const SNOW = {
  temperatureC: -8,
  humidityFraction: 0.6,
  origin: 'natural',
  sharpness: 0.4,
  wetness: 'dry',
  dirt: 'clean',
  glazed: false,
};
const FACTS = { discipline: 'skate', distanceKm: 10, purpose: 'race' };
const WAX = {
  id: 'w',
  name: 'Wax',
  labelLowC: -12,
  labelHighC: -6,
  additives: [],
  form: 'block',
};
const STICK = { id: 's', name: 'Stick', role: 'grip_stick', labelLowC: -8, labelHighC: -3 };
const SEGMENT = {
  name: 'Climb',
  lengthM: 1200,
  altitudeM: 700,
  slopeDeg: 8,
  aspectDeg: 90,
  shadeFraction: 0.5,
  exposure: 1,
  surface: 'groomed',
};
const IRON = { setC: 130, plateLengthM: 0.14, massKg: 1, powerW: 850 };

interface Edge {
  /** Where the figure stands in the body. */
  at: string;
  low: number;
  high: number;
}
interface Kind {
  name: string;
  schema: Schema;
  good: Record<string, unknown>;
  required: string[];
  edges: Edge[];
  words?: Record<string, string>;
}

const edge = (at: string, low: number, high: number): Edge => ({ at, low, high });

const KINDS: Kind[] = [
  {
    name: 'an outing',
    schema: outingSchema,
    good: { ...FACTS, name: 'Relay', venueId: 'v', startAt: '2027-01-16T17:00:00+01:00' },
    required: ['name', 'venueId', 'startAt', 'discipline', 'distanceKm', 'purpose'],
    edges: [edge('distanceKm', 0, 500), edge('hoursOnSnow', 0.1, 24)],
    words: { discipline: 'bobsleigh', purpose: 'glory' },
  },
  {
    name: 'a venue',
    schema: venueSchema,
    good: {
      name: 'Basin',
      altitudeM: 700,
      latitude: 46,
      longitude: 10,
      timeZone: 'CET',
      ownCorrectionC: 0,
    },
    required: ['name', 'timeZone', 'ownCorrectionC'],
    edges: [
      edge('altitudeM', -100, 5000),
      edge('latitude', -90, 90),
      edge('longitude', -180, 180),
      edge('ownCorrectionC', -5, 5),
    ],
    words: { timeZone: 'Nowhere/City' },
  },
  {
    name: 'a segment',
    schema: segmentSchema,
    good: SEGMENT,
    required: Object.keys(SEGMENT),
    edges: [
      edge('lengthM', 10, 100_000),
      edge('slopeDeg', 0, 60),
      edge('aspectDeg', 0, 360),
      edge('shadeFraction', 0, 1),
      edge('exposure', 0.1, 1.5),
    ],
    words: { surface: 'sand' },
  },
  {
    name: 'a station',
    schema: stationSchema,
    good: { name: 'Mast', altitudeM: 990 },
    required: ['name', 'altitudeM'],
    edges: [edge('altitudeM', -100, 5000)],
  },
  {
    name: 'a ski',
    schema: skiSchema,
    good: {
      id: 's',
      name: 'Blue',
      owner: '',
      type: 'skate',
      lengthCm: 190,
      waistMm: 44,
      baseType: 'sintered',
      hasBrakes: false,
      purpose: 'race',
    },
    required: ['name', 'type', 'lengthCm', 'waistMm', 'baseType', 'purpose'],
    edges: [
      edge('lengthCm', 70, 240),
      edge('waistMm', 35, 340),
      edge('grindMm', 0.05, 5),
      edge('baseBevelDeg', 0, 3),
      edge('sideBevelDeg', 0, 6),
    ],
    words: { type: 'sledge', baseType: 'wood', purpose: 'glory' },
  },
  {
    name: 'a mark on a base',
    schema: findingSchema,
    good: { skiId: 's', kind: 'gouge', positionCm: 80, side: 'left' },
    required: ['skiId', 'kind', 'positionCm', 'side'],
    edges: [edge('positionCm', 0, 240)],
    words: { kind: 'scar', side: 'top' },
  },
  {
    name: 'an event of a ski',
    schema: skiEventSchema,
    good: { skiId: 's', kind: 'kilometres', km: 12, snow: 'usual' },
    required: ['skiId', 'kind', 'km'],
    edges: [edge('km', 0, 1000), edge('coats', 0, 20), edge('boxHours', 0, 100)],
    words: { kind: 'lost', snow: 'sand', waxing: 'butter' },
  },
  {
    name: 'a stock change',
    schema: stockMoveSchema,
    good: { productId: 'w', kind: 'bought', grams: 60 },
    required: ['productId', 'kind', 'grams'],
    edges: [edge('grams', 0, 100_000)],
    words: { kind: 'stolen' },
  },
  {
    name: 'a sheet that is asked for',
    schema: sheetRequestSchema,
    good: { outingId: 'o', skiId: 's', programmes: ['storage'], roomC: 12 },
    required: ['outingId', 'skiId'],
    edges: [edge('roomC', -15, 35)],
  },
  {
    name: 'a move of the runner',
    schema: runSchema,
    good: { jobId: 'j', position: 3, move: 'next' },
    required: ['jobId', 'position', 'move'],
    edges: [edge('position', 0, 500), edge('setC', 40, 220), edge('grams', 0, 500)],
    words: { move: 'jump' },
  },
  {
    name: 'a gap under the ski',
    schema: gapSchema,
    good: { positionCm: 20, halfMm: 0.8, fullMm: 0.1 },
    required: ['positionCm', 'halfMm', 'fullMm'],
    edges: [edge('positionCm', -120, 150), edge('halfMm', 0, 20), edge('fullMm', 0, 20)],
  },
  {
    name: 'a pocket',
    schema: fitSchema,
    good: { skiLengthCm: 200, feeler: { backCm: -10, frontCm: 45 }, skierKg: 70 },
    required: [],
    edges: [
      edge('skiLengthCm', 80, 230),
      edge('feeler.backCm', -120, 150),
      edge('heelBehindPinCm', 18, 40),
      edge('skierKg', 20, 180),
    ],
  },
  {
    name: 'a question for grip',
    schema: gripRequestSchema,
    good: { snow: SNOW, outing: { distanceKm: 20, purpose: 'race' }, products: [STICK] },
    required: ['snow', 'outing', 'outing.distanceKm', 'outing.purpose', 'products[0].role'],
    edges: [
      edge('laterTemperatureC', -60, 0),
      edge('outing.distanceKm', 0, 500),
      edge('products[0].label2LowC', -60, 30),
    ],
    words: { 'outing.purpose': 'glory', 'products[0].role': 'sauce' },
  },
  {
    name: 'a question for the iron',
    schema: ironRequestSchema,
    good: {
      wax: { meltingC: 90, ironC: 130 },
      ski: { lengthM: 1.9, widthM: 0.045, startC: 15 },
      iron: IRON,
      passS: 8,
      passes: 2,
      roomC: 15,
      filmMicrometre: 25,
    },
    required: ['wax', 'ski', 'iron', 'passS', 'passes', 'roomC', 'filmMicrometre', 'wax.meltingC'],
    edges: [
      edge('passS', 1, 60),
      edge('passes', 1, 12),
      edge('pauseS', 0, 600),
      edge('roomC', -30, 45),
      edge('filmMicrometre', 5, 300),
      edge('wax.ironC', 60, 200),
      edge('iron.setC', 60, 200),
      edge('iron.powerW', 50, 3000),
      edge('ski.lengthM', 0.5, 2.6),
    ],
  },
  {
    name: 'an iron of the team',
    schema: ownIronSchema,
    good: { name: 'Brass', plateLengthM: 0.14, massKg: 1, powerW: 850 },
    required: ['name', 'plateLengthM', 'massKg', 'powerW'],
    edges: [edge('lagS', 0, 120), edge('massKg', 0.1, 5), edge('plateWidthM', 0.03, 0.4)],
  },
  {
    name: 'a question for the wax',
    schema: pickRequestSchema,
    good: { snow: SNOW, outing: FACTS, products: [WAX] },
    required: ['snow', 'outing', 'outing.discipline', 'snow.temperatureC', 'products[0].name'],
    edges: [
      edge('snow.temperatureC', -60, 0),
      edge('snow.humidityFraction', 0, 1),
      edge('snow.sharpness', 0, 1),
      edge('outing.distanceKm', 0, 500),
    ],
    words: { 'snow.wetness': 'damp', 'products[0].form': 'butter', baseState: 'rotten' },
  },
];

/** A copy of a body with one place of it set, or taken out where the value is undefined. */
function changed(body: object, at: string, value: unknown): Record<string, unknown> {
  const copy = structuredClone(body) as Record<string, unknown>;
  const keys = at.replace(/\[(\d+)\]/g, '.$1').split('.');
  const last = keys.pop()!;
  const parent = keys.reduce<Record<string, unknown>>(
    (one, key) => one[key] as Record<string, unknown>,
    copy,
  );
  if (value === undefined) delete parent[last];
  else parent[last] = value;
  return copy;
}

describe.each(KINDS)('$name', ({ schema, good, required, edges, words = {} }) => {
  const problems = (body: unknown) => {
    const checked = validate(schema, body);
    return checked.ok ? [] : checked.problems;
  };
  const fields = (body: unknown) => problems(body).map((one) => one.field);

  it('is taken as it should be', () => {
    expect(problems(good)).toEqual([]);
  });

  it.each(required)('without %s is refused at that field', (field) => {
    const rendered = problems(changed(good, field, undefined)).find((one) => one.field === field);
    expect(rendered?.message).toMatch(/\w.*\.$/);
  });

  it.each(edges)('takes $at from $low to $high, and nothing beyond', ({ at, low, high }) => {
    const step = Math.max(1, high - low) * 1e-3;
    for (const value of [low, high]) expect(fields(changed(good, at, value))).not.toContain(at);
    const isWhole = at === 'passes' || at === 'position';
    for (const value of isWhole ? [low - 1, high + 1] : [low - step, high + step]) {
      expect(fields(changed(good, at, value)), String(value)).toContain(at);
    }
    for (const value of ['warm', NaN, Infinity, {}, [], true]) {
      expect(fields(changed(good, at, value)), String(value)).toContain(at);
    }
  });

  it.each(Object.entries(words))('knows no %s called “%s”', (field, word) => {
    const rendered = problems(changed(good, field, word)).find((one) => one.field === field);
    expect(rendered, field).toBeDefined();
    expect(rendered!.message).not.toMatch(/undefined|\[object/);
  });

  it('is never nothing, a list, a word or a number', () => {
    for (const body of [null, undefined, [], 'text', 7, true]) {
      if (required.length > 0) expect(problems(body).length, String(body)).toBeGreaterThan(0);
    }
  });

  it('with anything at any field gives an answer, and a sentence at each problem', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...Object.keys(good)),
        fc.oneof(fc.anything({ maxDepth: 2 }), fc.double(), fc.string()),
        (key, value) => {
          for (const { message, field } of problems({ ...good, [key]: value })) {
            expect(typeof field).toBe('string');
            expect(message.length).toBeGreaterThan(3);
            expect(message).not.toMatch(/yup|Symbol\(|\[object/);
          }
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('what a schema says of several things at once', () => {
  it('two products of one id are told at the second', () => {
    const checked = validate(pickRequestSchema, {
      snow: SNOW,
      outing: FACTS,
      products: [WAX, { ...WAX, name: 'Other' }],
    });
    expect(!checked.ok && checked.problems.map((one) => one.field)).toEqual(['products[1].id']);
  });

  it('a label with swapped ends is told at its warm end', () => {
    const swapped = { ...STICK, labelLowC: -3, labelHighC: -8 };
    const checked = validate(gripRequestSchema, {
      snow: SNOW,
      outing: { distanceKm: 5, purpose: 'race' },
      products: [swapped],
    });
    expect(!checked.ok && checked.problems[0]!.field).toBe('products[0].labelHighC');
  });

  it.each([
    [' Blue ', 'Blue'],
    ['Blue\n', 'Blue'],
    ['Two words', 'Two words'],
  ])('a name typed as %j is “%s”', (name, taken) => {
    const checked = validate(stationSchema, { name, altitudeM: 900 });
    expect(checked).toEqual({ ok: true, value: { name: taken, altitudeM: 900 } });
    const course = validate(courseSchema, { segments: [{ ...SEGMENT, name }] });
    expect(course.ok && course.value.segments[0]!.name).toBe(taken);
  });

  it('a name of blanks is none', () => {
    const checked = validate(stationSchema, { name: '   ', altitudeM: 900 });
    expect(!checked.ok && checked.problems).toEqual([
      { field: 'name', message: 'Give the station a name.' },
    ]);
  });

  it('a course has eight segments at most', () => {
    const of = (count: number) =>
      validate(courseSchema, { segments: Array.from({ length: count }, () => SEGMENT) }).ok;
    expect([of(0), of(8), of(9)]).toEqual([true, true, false]);
  });

  it('a time without its zone or date is none', () => {
    const at = (startAt: unknown) => validate(windowSchema, { startAt }).ok;
    expect(at('2027-01-16T17:00:00Z')).toBe(true);
    expect(at('2027-01-16T17:00:00+01:00')).toBe(true);
    for (const bad of ['17:00', 'tomorrow', '2027-02-30T17:00:00Z', 17, null, {}]) {
      expect(at(bad), String(bad)).toBe(false);
    }
  });
});
