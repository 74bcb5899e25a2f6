import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { localNumber } from './number-format';
import {
  altitude,
  distance,
  fixed,
  probability,
  seconds,
  signed,
  temperature,
  temperatureRange,
  temperatureWithSpread,
} from './quantities';
import { choiceWords } from './areas/choice';
import { clockTime, dayAndTime, roughSpan, span } from './times';
import { DEFAULT_UNITS, UNIT_CHOICES, unitsFromCookie, UNITS_OF, unitsToCookie } from './units';
import { writerFor } from './write';

const american = { temperature: 'F', length: 'ft', distance: 'mi' } as const;
const plain = (text: string) => text.replace(/[\u2009\u202f\u00a0]/g, ' ');

describe('quantities on screen', () => {
  it('are written in English as the browser would write them', () => {
    const figures = fc.tuple(fc.double({ min: -1e5, max: 1e5, noNaN: true }), fc.nat(4));
    fc.assert(
      fc.property(figures, ([value, decimals]) => {
        const text = value.toFixed(decimals);
        const byIntl = new Intl.NumberFormat('en-GB', {
          minimumFractionDigits: decimals,
          maximumFractionDigits: decimals,
          useGrouping: false,
        }).format(text as Intl.StringNumericLiteral);
        expect(localNumber(text)).toBe(byIntl.replace('-', '−'));
      }),
    );
  });

  it('use a true minus and never show a negative zero', () => {
    expect(fixed(-7.42)).toBe('−7.4');
    expect(fixed(-0.04)).toBe('0.0');
    expect(signed(1.42)).toBe('+1.4');
    expect(signed(0.01)).toBe('0.0');
  });

  it.each([
    [0, '0.0 s'],
    [0.44, '0.4 s'],
    [9.94, '9.9 s'],
    [9.97, '10 s'],
    [59.4, '59 s'],
    [59.6, '1 min'],
    [80, '1 min 20 s'],
    [3600, '60 min'],
  ])('write %d s as %s', (value, text) => {
    expect(plain(seconds(value))).toBe(text);
  });

  it('convert temperatures and spreads by their own rules', () => {
    expect(plain(temperature(-10, american))).toBe('14.0 °F');
    expect(plain(temperatureWithSpread(-10, 1, american))).toBe('14.0 ± 1.8 °F');
    expect(plain(temperatureWithSpread(-7.4, 0.8, DEFAULT_UNITS))).toBe('−7.4 ± 0.8 °C');
    expect(plain(temperatureRange(-12, -6, DEFAULT_UNITS))).toBe('−12 … −6 °C');
  });

  it('show lengths in the device’s units', () => {
    expect(plain(distance(42, american))).toBe('26.1 mi');
    expect(plain(altitude(1240, american))).toBe('4068 ft');
    expect(plain(altitude(1240, DEFAULT_UNITS))).toBe('1240 m');
  });

  it('never call a chance certain', () => {
    expect(plain(probability(0.004))).toBe('< 1 %');
    expect(plain(probability(0.996))).toBe('> 99 %');
    expect(plain(probability(0.71))).toBe('71 %');
    expect(plain(probability(1))).toBe('100 %');
  });

  it('keep units in a cookie that survives nonsense', () => {
    expect(unitsFromCookie(unitsToCookie(american))).toEqual(american);
    expect(unitsFromCookie('<script>')).toEqual(DEFAULT_UNITS);
  });
});

describe('times on screen', () => {
  it('are on the venue’s clock', () => {
    expect(dayAndTime('2027-01-16T16:00:00Z', 'CET')).toBe('Sat 16 Jan 17:00');
    expect(clockTime('2027-07-16T22:30:00Z', 'CET')).toBe('00:30');
  });

  it('say the age of something in whole hours once it is old', () => {
    expect(roughSpan(76 * 60_000)).toBe('1 h 16 min');
    expect(roughSpan((19 * 60 + 27) * 60_000)).toBe('19 h');
    expect(roughSpan((30 * 60 + 59) * 60_000)).toBe('1 d 6 h');
  });

  it('say spans in two parts at most', () => {
    expect(span(252 * 60_000)).toBe('4 h 12 min');
    expect(span(76 * 3_600_000)).toBe('3 d 4 h');
    expect(span(-12 * 60_000)).toBe('12 min');
  });
});

describe('odds', () => {
  it.each([
    [0.97, 'almost certainly'],
    [0.7, '7 times in 10'],
    [0.08, 'once in 10'],
    [0.02, 'less than 1 time in 10'],
  ])('of %d are said as %s', (probability, said) => {
    expect(choiceWords.odds(probability)).toBe(said);
  });

  it('of a wax that is seldom the best say that it loses least on average', () => {
    const parts = {
      name: 'Frost',
      form: 'block' as const,
      coats: 2,
      layers: {},
      structure: { kind: 'fine' as const, widthMm: 0.25 },
      snowC: -8,
      equivalentC: -9,
    };
    const sentence = (probabilityBest: number, losesLeast = true) =>
      choiceWords.answer({ ...parts, probabilityBest, losesLeast }, writerFor(DEFAULT_UNITS));
    expect(sentence(0.1)).toContain('Loses least on average. Best of the shelf once in 10.');
    expect(sentence(0.8)).not.toContain('on average');
    // One that was taken instead of the best does not lose least.
    expect(sentence(0.1, false)).not.toContain('on average');
  });
});

describe('the units of a device', () => {
  it('come back from the cookie as they went, each of them; nonsense is the usual one', () => {
    const other = Object.fromEntries(
      UNITS_OF.map((of) => [of, UNIT_CHOICES[of].at(-1)]),
    ) as typeof DEFAULT_UNITS;
    expect(unitsFromCookie(unitsToCookie(other))).toEqual(other);
    expect(unitsFromCookie('C.m.km')).toEqual(DEFAULT_UNITS);
    expect(unitsFromCookie('F.m')).toEqual({ ...DEFAULT_UNITS, temperature: 'F' });
    for (const odd of [undefined, '', 'K.yd.furlong', '....']) {
      expect(unitsFromCookie(odd)).toEqual(DEFAULT_UNITS);
    }
  });
});
