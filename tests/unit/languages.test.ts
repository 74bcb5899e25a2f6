import { beforeAll, describe, expect, it } from 'vitest';
import { Schema } from 'yup';
import { checkedId } from '@/formats/schemas/ids';
import { validate } from '@/formats/schemas/validation';
import { pickRequestSchema } from '@/formats/schemas/pick';
import { inLanguage } from '@/server/language';
import { skiEventInWords } from '@/words/ski-events';
import { listed } from '@/words/listed';
import { decimalSign, localNumber } from '@/words/number-format';
import { PSEUDO } from '@/words/pseudo';
import {
  altitude,
  distance,
  fixed,
  lossInTime,
  plain,
  signed,
  temperature,
} from '@/words/quantities';
import { practiceScreenWords } from '@/words/screens/practice';
import { localeTag } from '@/words/locale';
import { termsWords } from '@/words/areas/terms';
import { dayAndTime, dayOf, roughSpan, span } from '@/words/times';
import { layOutLocales } from '@/words/locales';
import { DEFAULT_UNITS } from '@/words/units';
import { plotlyLocale } from '@/ui/charts/plotly-locale';

const TAGS = ['en', 'nb', 'de'] as const;
const inAll = <T>(work: () => T): T[] => TAGS.map((tag) => inLanguage(tag, work));

beforeAll(layOutLocales);

describe('figures', () => {
  it('have the decimal sign and the minus of the language', () => {
    expect(inAll(() => fixed(-7.44))).toEqual(['−7.4', '−7,4', '−7,4']);
    expect(inAll(() => fixed(-0.04))).toEqual(['0.0', '0,0', '0,0']);
    expect(inAll(() => signed(1.45, 2))).toEqual(['+1.45', '+1,45', '+1,45']);
    expect(inAll(() => temperature(-7.44, DEFAULT_UNITS))).toEqual([
      '−7.4 °C',
      '−7,4 °C',
      '−7,4 °C',
    ]);
    expect(inAll(() => distance(7.5, DEFAULT_UNITS))).toEqual(['7.5 km', '7,5 km', '7,5 km']);
    expect(inAll(() => lossInTime(0.325, 1.26))[2]).toBe('0,33 % (1,3 s)');
    expect(inAll(() => decimalSign())).toEqual(['.', ',', ',']);
  });

  it('are rounded once and never grouped', () => {
    expect(inAll(() => localNumber('-12345.50'))).toEqual(['−12345.50', '−12345,50', '−12345,50']);
    expect(inAll(() => plain(0.1 + 0.2))).toEqual(['0.3', '0,3', '0,3']);
    expect(inAll(() => plain(2e21))[1]).toMatch(/^2/);
  });
});

describe('units', () => {
  it('are called as Intl calls them in each language', () => {
    const byIntl = (unit: string) =>
      inAll(() =>
        new Intl.NumberFormat(localeTag(), { style: 'unit', unit, unitDisplay: 'narrow' })
          .formatToParts(3)
          .find(({ type }) => type === 'unit')
          ?.value.trim(),
      );
    const american = { temperature: 'F', length: 'm', distance: 'mi' } as const;
    const unitOf = (text: string) => text.replace(/^[−\d.,\s]+/, '');
    expect(inAll(() => unitOf(temperature(-7, DEFAULT_UNITS)))).toEqual(byIntl('celsius'));
    expect(inAll(() => unitOf(temperature(-7, american)))).toEqual(byIntl('fahrenheit'));
    expect(inAll(() => unitOf(distance(7, DEFAULT_UNITS)))).toEqual(byIntl('kilometer'));
    expect(inAll(() => unitOf(distance(7, american)))).toEqual(byIntl('mile'));
    expect(inAll(() => unitOf(altitude(640, DEFAULT_UNITS)))).toEqual(byIntl('meter'));
    expect(inAll(() => termsWords.SPAN.hour)).toEqual(byIntl('hour'));
  });
});

describe('days, spans and lists', () => {
  const AT = '2027-01-16T16:05:00Z';
  it('are written as the language writes them', () => {
    expect(inAll(() => dayAndTime(AT, 'CET'))).toEqual([
      'Sat 16 Jan 17:05',
      'lør. 16. jan. 17:05',
      'Sa. 16. Jan. 17:05',
    ]);
    expect(inAll(() => dayOf('2027-05-17'))[1]).toBe('man. 17. mai');
    expect(inAll(() => span(4 * 3_600_000 + 12 * 60_000))).toEqual([
      '4 h 12 min',
      '4 t 12 min',
      '4 h 12 min',
    ]);
    expect(inAll(() => roughSpan(7 * 3_600_000 + 60_000))).toEqual(['7 h', '7 t', '7 h']);
    expect(inAll(() => listed(['a', 'b', 'c']))).toEqual(['a, b and c', 'a, b og c', 'a, b und c']);
    expect(inAll(() => listed(['a', 'b'], 'disjunction'))[2]).toBe('a oder b');
  });

  it.each(['conjunction', 'disjunction'] as const)('lists as Intl does: %s', (type) => {
    for (const count of [0, 1, 2, 3, 5]) {
      const names = ['x', 'y and z', 'ø', 'x', 'w'].slice(0, count);
      expect(inAll(() => listed(names, type))).toEqual(
        inAll(() => new Intl.ListFormat(localeTag(), { type }).format(names)),
      );
    }
  });

  it('stand in charts too', () => {
    const locale = inLanguage('nb', () => plotlyLocale('nb'));
    expect(locale.format.shortDays[0]).toBe('søn.');
    expect(locale.format.months[4]).toBe('mai');
    expect(locale.format.decimal).toBe(',');
  });
});

describe('a word within a sentence', () => {
  it('is small but for a noun of German', () => {
    const words = inAll(() => [
      termsWords.inSentence(termsWords.WETNESS_WORDS.very_wet),
      termsWords.inSentence(termsWords.GRAIN_WORDS.PP),
    ]);
    expect(words).toEqual([
      ['very wet', 'new snow'],
      ['svært våt', 'nysnø'],
      ['sehr nass', 'Neuschnee'],
    ]);
    const event = { kind: 'kilometres', km: 12, snow: 'usual', atMs: 0 } as const;
    expect(inAll(() => skiEventInWords(event))).toEqual([
      '12 km, usual snow',
      '12 km, vanlig snø',
      '12 km, üblicher Schnee',
    ]);
  });
});

describe('a schema', () => {
  const problems = (tag: string) =>
    inLanguage(tag, () => {
      const checked = validate(pickRequestSchema, { snow: { temperatureC: 99 }, outing: {} });
      return checked.ok ? [] : checked.problems;
    });

  it('is one for all languages, and says what is wrong in that of the moment', () => {
    const [en, nb, de] = TAGS.map(problems);
    const said = (all: typeof en, field: string) =>
      all!.find((one) => one.field === field)?.message;
    expect(said(en, 'snow.temperatureC')).toMatch(/^Snow temperature must be from −60/);
    expect(said(nb, 'snow.temperatureC')).toMatch(/^Snøtemperaturen må være fra −60/);
    expect(said(de, 'snow.temperatureC')).toMatch(/^Die Schneetemperatur muss von −60/);
    expect(nb!.map((one) => one.field)).toEqual(en!.map((one) => one.field));
    expect(de!.map((one) => one.field)).toEqual(en!.map((one) => one.field));
  });

  it('is the same for an id', () => {
    const said = inAll(() => checkedId(7, 'outing'));
    expect(said.map((one) => !one.ok && one.error.code)).toEqual(Array(3).fill('invalid_input'));
    expect(said.map((one) => !one.ok && one.error.message)).toEqual([
      'outing must be text of up to 64 characters.',
      'outing må være tekst på høyst 64 tegn.',
      'outing muss Text von höchstens 64 Zeichen sein.',
    ]);
  });

  const modules = import.meta.glob<Record<string, unknown>>(
    ['../../src/formats/schemas/*.ts', '!**/*.test.ts'],
    { eager: true },
  );
  const schemas = Object.values(modules).flatMap((module) =>
    Object.entries(module).filter(
      (entry): entry is [string, Schema] =>
        entry[1] instanceof Schema && !entry[0].endsWith('ResponseSchema'),
    ),
  );
  const wrong: unknown[] = [{}, [], 'x', 7, null, true];
  /** The same for each field of what is an object. */
  const inputsOf = (schema: Schema) => [
    ...wrong,
    ...('fields' in schema
      ? Object.keys(schema.fields as object).flatMap((key) => wrong.map((one) => ({ [key]: one })))
      : []),
  ];

  it('holds no word of its own: all it says comes through the language', () => {
    expect(schemas.length).toBeGreaterThan(30);
    const left = schemas.flatMap(([name, schema]) =>
      inLanguage(PSEUDO, () => inputsOf(schema).map((input) => validate(schema, input)))
        .flatMap((checked) => (checked.ok ? [] : checked.problems))
        .filter(({ message }) => !message.startsWith('⟦'))
        .map(({ message }) => `${name}: ${message}`),
    );
    expect([...new Set(left)]).toEqual([]);
  });
});

it('leans to the same side in every language', () => {
  const said = (isSoft: boolean) =>
    inAll(() => practiceScreenWords.progress.pickBias('1 °C', '0 °C', '2 °C', isSoft, '6 s'));
  expect(said(true).map((one) => /harder|hardere|härter/.test(one))).toEqual([true, true, true]);
  expect(said(false).map((one) => /softer|mykere|weicher/.test(one))).toEqual([true, true, true]);
  expect(said(false).some((one) => /harder|hardere|härter/.test(one))).toBe(false);
});
