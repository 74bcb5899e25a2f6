import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { object } from 'yup';
import { mergeFields } from '@/core/merge';
import { readReadings } from '@/formats/csv/readings';
import { courseOf } from '@/formats/gpx/course';
import { GpxReader } from '@/formats/gpx/points';
import { cleanPhoto } from '@/formats/photo';
import { boundedNumber, calendarDay, moment } from '@/formats/schemas/fields';
import { list } from '@/formats/schemas/list';
import { validate } from '@/formats/schemas/validation';
import { decodeText } from '@/formats/text';

const HEADER = 'time;snow temperature [°C];humidity [%];note';
const problemsOf = (text: string) => {
  const file = readReadings(text, 'CET');
  return file.ok ? [] : file.problems;
};

describe('a file of readings', () => {
  it('is refused at the line where a quote opens and is never closed', () => {
    const text = `${HEADER}\n2027-01-17T06:00;-9;70;fine\n2027-01-17T07:00;-9;70;"open\n2027-01-17T08:00;-9;70;x`;
    expect(problemsOf(text)).toMatchObject([{ line: 3, field: 'file' }]);
    expect(problemsOf(text)[0]!.message).toContain('never closed');
    expect(problemsOf(`${HEADER}\n2027-01-17T06:00;-9;70;"a" b"\n`)[0]!.line).toBe(2);
  });

  it('is read in one walk, whatever stands in its cells', () => {
    const spaces = ' '.repeat(1000);
    expect(problemsOf(`${spaces}[${spaces}\n1`)).toHaveLength(1);
    expect(problemsOf(`${HEADER}\n2027-01-17T06:00;-${'9'.repeat(1900)};70;`)).toMatchObject([
      { line: 2, field: 'snow temperature' },
    ]);
    expect(
      problemsOf(`${HEADER}\n2027-01-17T06:00;${'9'.repeat(50_000)};70;`)[0]!.message,
    ).toContain('longer than 2000 characters');
    expect(problemsOf(','.repeat(4_800_000))).toMatchObject([{ line: 1, field: 'file' }]);
    expect(problemsOf('\n'.repeat(4_900_000))[0]!.message).toContain('more than 10000 rows');
    expect(problemsOf(`${HEADER}\n"${'x;\n'.repeat(1000)}"`)[0]!.message).toContain('2000');
  });

  it('tells a hundred problems at most', () => {
    const rows = Array.from({ length: 500 }, () => '2027-01-17T06:00;-9;700;');
    expect(problemsOf([HEADER, ...rows].join('\n'))).toHaveLength(100);
    expect(problemsOf(Array.from({ length: 150 }, (_, i) => `c${i}`).join(';'))).toHaveLength(100);
  });
});

describe('the text of a file', () => {
  const latin1 = (text: string) => Uint8Array.from(text, (sign) => sign.charCodeAt(0));

  it('is Latin-1 where it is no UTF-8, and UTF-16 where it says so', () => {
    expect(decodeText(latin1('Föhn [°C]'))).toEqual({ ok: true, text: 'Föhn [°C]' });
    expect(decodeText(new TextEncoder().encode('Föhn'))).toEqual({ ok: true, text: 'Föhn' });
    const utf16 = Buffer.from('\uFEFFFöhn', 'utf16le');
    expect(decodeText(utf16)).toEqual({ ok: true, text: 'Föhn' });
  });

  it('is refused where the bytes are none', () => {
    expect(decodeText(Uint8Array.of(0x50, 0x4b, 3, 4, 0, 0)).ok).toBe(false);
  });
});

describe('dates', () => {
  const schema = object({ at: moment('Time'), day: calendarDay('Day') });
  const isGood = (value: object) => validate(schema, value).ok;

  it('are days that the calendar has, in years that are meant', () => {
    for (const at of ['2027-01-16T15:00:00Z', '2028-02-29T00:00+01:00']) {
      expect(isGood({ at })).toBe(true);
    }
    for (const at of [
      '2027-02-31T00:00:00Z',
      '2027-02-29T00:00:00Z',
      '9999-01-01T00:00:00Z',
      '1899-01-01T00:00:00Z',
      '2027-01-16T24:00:00Z',
      `2027-01-16T15:00:00.${'0'.repeat(50_000)}Z`,
    ]) {
      expect(isGood({ at }), at).toBe(false);
    }
    expect(isGood({ day: '2026-11-23' })).toBe(true);
    for (const day of ['2026-99-99', '2026-02-31', '9999-01-01']) {
      expect(isGood({ day }), day).toBe(false);
    }
  });
});

describe('a list', () => {
  let looked = 0;
  const element = object({
    value: boundedNumber('Value', { low: 0, high: 1, unit: '' }).required('Missing.'),
  }).test('count', '', () => {
    looked += 1;
    return true;
  });
  const schema = object({ items: list(element.required()).max(2000, 'Up to 2000 items.') });

  it('that is too long is refused before its elements are looked at', () => {
    looked = 0;
    const answer = validate(schema, { items: Array.from({ length: 300_000 }, () => ({})) });
    expect(answer).toMatchObject({ ok: false, problems: [{ field: 'items' }] });
    expect(looked).toBe(0);
  });

  it('has its elements checked until there are a hundred problems', () => {
    looked = 0;
    const answer = validate(schema, { items: Array.from({ length: 2000 }, () => ({})) });
    expect(!answer.ok && answer.problems).toHaveLength(100);
    expect(looked).toBeLessThanOrEqual(101);
    expect(!answer.ok && answer.problems[7]!.field).toBe('items[7].value');
    expect(validate(schema, { items: [{ value: 0.5 }] })).toMatchObject({ ok: true });
  });
});

describe('a track', () => {
  const points = Array.from(
    { length: 60 },
    (_, i) => `<trkpt lat="${46 + i / 1e4}" lon="10"><ele>${700 - i}</ele></trkpt>`,
  ).join('');
  const text = `<?xml version="1.0"?><gpx><trk><trkseg>${points}</trkseg></trk></gpx>`;
  const read = (pieces: readonly string[]) => {
    const reader = new GpxReader();
    for (const piece of pieces) reader.write(piece);
    return courseOf(reader.points(), 700);
  };

  it('is the same in whatever pieces it comes', () => {
    const whole = read([text]);
    expect(whole).toMatchObject({ ok: true, track: { notes: [] } });
    fc.assert(
      fc.property(fc.array(fc.nat(text.length), { maxLength: 12 }), (cuts) => {
        const at = [0, ...[...cuts].sort((a, b) => a - b), text.length];
        expect(read(at.slice(1).map((end, i) => text.slice(at[i], end)))).toEqual(whole);
      }),
      { numRuns: 40 },
    );
  });

  it('that is nested without end or no GPX is refused', () => {
    expect(read([`<gpx>${'<a>'.repeat(100_000)}`]).ok).toBe(false);
    expect(read(['<kml/>']).ok).toBe(false);
    expect(read(['']).ok).toBe(false);
  });
});

describe('a photo', () => {
  it('is no drawing, animation or scan, whatever it is called', async () => {
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9000" height="9000"/>';
    const gif = 'R0lGODlhAQABAIAAAAAAAP///yH5BAEAAAAALAAAAAABAAEAAAIBRAA7';
    for (const bytes of [
      Buffer.from(svg),
      Buffer.from(gif, 'base64'),
      Buffer.from('49492a0008000000', 'hex'),
      Buffer.from('ffd8ff00', 'hex'),
      Buffer.alloc(0),
    ]) {
      expect(await cleanPhoto(bytes)).toBeUndefined();
    }
  });
});

describe('merging two changes', () => {
  const fields = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.integer({ max: 3, min: 0 }));

  it('takes each field from whoever changed it, and calls a clash what both changed differently', () => {
    fc.assert(
      fc.property(fields, fields, fields, (base, mine, theirs) => {
        const { values, clashes, taken } = mergeFields(base, mine, theirs);
        const clashing = clashes.map((clash) => clash.field);
        for (const field of ['a', 'b', 'c', 'd']) {
          const [was, my, their] = [base[field], mine[field], theirs[field]];
          if (clashing.includes(field)) {
            expect(new Set([was, my, their]).size).toBe(3);
          } else if (my === was) expect(values[field]).toBe(their);
          else expect(values[field]).toBe(my);
          expect(taken.includes(field)).toBe(
            my === was && their !== was && field in { ...base, ...mine },
          );
        }
      }),
    );
  });
});
