import { describe, expect, it } from 'vitest';
import { PRODUCT_FIELDS, SKI_FIELDS } from '@/core/model';
import type { Ski } from '@/core/ski';
import { DEMO_SHELF } from '@/data/demo/shelf';
import { SKATE_PAIR } from '../../../tests/unit/fixtures';
import { readProducts, withUsual, writeProducts } from './products';
import { readSkis, writeSkis } from './skis';
import { armedAgain, parseNumber, readCsv, writeCsv } from './table';
import { readWeather } from './weather';

const good = <T>(file: { ok: true; rows: T[] } | { ok: false; problems: unknown }): T[] => {
  if (!file.ok) throw new Error(JSON.stringify(file.problems));
  return file.rows;
};
const bad = <P>(file: { ok: true } | { ok: false; problems: P }): P => {
  if (file.ok) throw new Error('the file was taken');
  return file.problems;
};

describe('skis as a table', () => {
  const HEADER = 'name;type;length [cm];waist [mm]';
  const skis = (rows: string, header = HEADER) => readSkis(`${header}\n${rows}`, []);

  it('come back as they were written, every field of them', () => {
    const full: Ski = {
      ...SKATE_PAIR,
      id: 'new',
      name: 'Skate; "one"\nsecond line',
      owner: '=SUM(A1)',
      grindMm: 0.75,
      grindPattern: 'cross',
      groundOn: '2026-11-02',
      baseBevelDeg: 0.5,
      sideBevelDeg: 3,
      hasBrakes: true,
      note: '-5 and colder',
    };
    expect(good(readSkis(writeSkis([full]), []))).toEqual([full]);
  });

  it('have a column for each field of their table that is in files', () => {
    const header = writeSkis([]).trim().split(',');
    const named = Object.values(SKI_FIELDS).filter((field) => 'csv' in field);
    expect(header).toHaveLength(named.length);
    expect(header).toContain('length [cm]');
  });

  it('are taken in other units and other words for the same column', () => {
    const [one] = good(skis('Blue;Skate;1,9;4,4', 'Name;TYPE;length [m];waist [cm]'));
    expect(one).toMatchObject({ name: 'Blue', type: 'skate', lengthCm: 190, waistMm: 44 });
  });

  it('get what is usual where a column is not there', () => {
    expect(good(skis('Blue;skate;190;44'))[0]).toMatchObject({
      owner: '',
      baseType: 'sintered',
      hasBrakes: false,
      purpose: 'training',
    });
  });

  it.each([
    ['Blue;skate;190', 'waist', 2],
    ['Blue;bobsleigh;190;44', 'type', 2],
    ['Blue;skate;19;44', 'length', 2],
    ['Blue;skate;long;44', 'length', 2],
    [';skate;190;44', 'name', 2],
    ['A;skate;190;44\nB;skate;190;44;more', 'row', 3],
    ['A;skate;190;44\n\n\na;skate;190;44', 'name', 5],
  ])('with %j are refused at %s in line %d', (rows, field, line) => {
    expect(bad(skis(rows))).toContainEqual(expect.objectContaining({ field, line }));
  });

  it.each([
    ['name;type;length;waist [mm]', 'Column length needs its unit. Write “length [cm]”.'],
    ['name;type;length [cm];waist [mm];colour', 'Column “colour” is not known.'],
    ['name;name;type;length [cm];waist [mm]', 'Column name is there twice.'],
    ['name;type;length [cm]', 'Column waist is missing.'],
    ['name [cm];type;length [cm];waist [mm]', 'Column name has no unit. Write just “name”.'],
  ])('under the header %j are refused with what to write', (header, rendered) => {
    const problems = bad(skis('Blue;skate;190;44', header));
    expect(problems[0]!.message).toContain(rendered);
    expect(problems[0]).toMatchObject({ line: 1, field: 'header' });
  });

  it('whose names are on the rack are refused, whatever the case', () => {
    const [problem] = bad(readSkis(`${HEADER}\n blue ;skate;190;44`, ['Blue']));
    expect(problem).toMatchObject({ line: 2, field: 'name' });
    expect(problem!.message).toContain('already exists');
  });

  it.each(['', '\n\n', HEADER])('that are none are refused: %j', (text) => {
    expect(bad(readSkis(text, []))[0]!.field).toBe('file');
  });

  it('more than the rack holds are refused before they are read', () => {
    const rows = Array.from({ length: 501 }, (_, i) => `Ski ${i};skate;190;44`).join('\n');
    expect(bad(skis(rows))).toHaveLength(1);
  });

  it('tell at most a hundred problems', () => {
    const rows = Array.from({ length: 300 }, (_, i) => `Ski ${i};sledge;190;44`).join('\n');
    expect(bad(skis(rows))).toHaveLength(100);
  });
});

it('a header alone ends without a line break, so that rows can follow it', () => {
  expect(writeSkis([])).not.toMatch(/\r?\n$/);
  expect(writeProducts([])).not.toMatch(/\r?\n$/);
});

describe('the shelf as a table', () => {
  it('comes back as it was written', () => {
    const written = good(readProducts(writeProducts(DEMO_SHELF), []));
    const plain = DEMO_SHELF.map(({ id: _, ...product }) => product);
    expect(written.map(({ id: _, ...product }) => product)).toEqual(
      plain.map((product) => JSON.parse(JSON.stringify(product)) as object),
    );
  });

  it('names a column for each field that is in files, with its unit', () => {
    const header = writeProducts([]).trim();
    for (const field of Object.values(PRODUCT_FIELDS)) {
      if ('csv' in field) expect(header).toContain(field.csv[0]);
    }
    expect(header).toMatch(/\[°C\]/);
  });

  it('takes labels in °F', () => {
    const [wax] = good(
      readProducts(
        'name;role;form;label cold end [°F];label warm end [°F]\nFrost;glide;block;14;32',
        [],
      ),
    );
    expect(wax).toMatchObject({ labelLowC: -10, labelHighC: 0 });
  });

  it('fills how a product usually goes on by its role', () => {
    expect(withUsual({ role: 'grip_stick' })).toMatchObject({ applications: ['cork'] });
    expect(withUsual({ role: 'cleaner' })).toMatchObject({
      applications: ['wipe'],
      labelLowC: -30,
    });
    expect(withUsual({ role: 'glide', applications: ['roller'] }).applications).toEqual(['roller']);
    expect(withUsual({ role: 'constructor' })).toMatchObject({ applications: [] });
  });

  it('refuses a label the wrong way round, at its line', () => {
    const problems = bad(
      readProducts(
        'name;role;form;label cold end [°C];label warm end [°C]\nOdd;glide;block;0;-10',
        [],
      ),
    );
    expect(problems[0]).toMatchObject({ line: 2 });
  });
});

describe('weather as a table', () => {
  const HEADER = 'time;air temperature [°C];humidity [%];wind [km/h];cloud [okta]';
  const weather = (rows: string, header = HEADER) => readWeather(`${header}\n${rows}`, 'CET');

  it('is taken in the units that stations write', () => {
    const [hour] = good(weather('2027-01-16 12:00;-5,5;80;18;4'));
    expect(hour).toMatchObject({
      timeMs: Date.parse('2027-01-16T11:00:00Z'),
      airTemperatureC: -5.5,
      humidityFraction: 0.8,
      windMPerS: 5,
      cloudFraction: 0.5,
    });
    const [knots] = good(
      weather(
        '2027-01-16 12:00;23;0,8;10;50',
        'time;air temperature [°F];humidity [1];wind [kt];cloud [%]',
      ),
    );
    expect(knots!.windMPerS).toBeCloseTo(5.144, 3);
    expect(knots!.airTemperatureC).toBeCloseTo(-5, 9);
  });

  it('must go on in time', () => {
    const rows = '2027-01-16 12:00;-5;80;0;4\n2027-01-16 11:00;-5;80;0;4';
    expect(bad(weather(rows))[0]).toMatchObject({ line: 3, field: 'time' });
  });

  it('an hour that the clock jumps over or a time that is none is refused', () => {
    for (const time of ['2027-13-01 12:00', 'noon', '2027-01-16']) {
      expect(bad(weather(`${time};-5;80;0;4`))[0]).toMatchObject({ field: 'time' });
    }
  });
});

describe('a table', () => {
  it.each([
    ['-3,5', true, -3.5],
    ['-3,5', false, NaN],
    ['−3.5', true, -3.5],
    ['–3', false, -3],
    [' 7 ', false, 7],
    ['1e3', false, 1000],
    ['', true, undefined],
    ['   ', true, undefined],
    ['1.2.3', true, NaN],
    ['0x10', false, NaN],
    ['Infinity', false, NaN],
    ['9'.repeat(41), false, NaN],
  ])('reads %j with comma %s as %s', (text, comma, value) => {
    expect(parseNumber(text, comma)).toEqual(value);
  });

  it('keeps the line of a row behind cells over several lines', () => {
    const read = readCsv('a,b\n"one\ntwo\nthree",x\n\ny,z', 100);
    if (!read.ok) throw new Error(read.problem.message);
    expect(read.table.rows.map((row) => row.line)).toEqual([2, 6]);
  });

  it.each([
    ['a,b\n"open,1\n2,3', 2],
    ['a,b\n1,2\n"x"y,3', 3],
  ])('that quotes badly is refused at its line: %j', (text, line) => {
    const read = readCsv(text, 100);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.problem.line).toBe(line);
  });

  it('disarms what a spreadsheet would run, in headers and cells', () => {
    const text = writeCsv(['a'], [['=1+1'], ['+49'], ['@x'], ['-1-1'], ['plain']]);
    const cells = text.trim().split('\r\n').slice(1);
    expect(cells.slice(0, 4).every((cell) => /^"?'/.test(cell))).toBe(true);
    expect(cells[4]).toBe('plain');
  });

  it('disarms also where a spreadsheet parts or ends a cell by itself, and reads it back', () => {
    const armed = ['x;=1+1;', 'x\n=1+1', 'x\t @a', ';-1', 'a;b', 'x; = 1'];
    const table = readCsv(
      writeCsv(
        ['a', 'b'],
        armed.map((cell) => [cell, '']),
      ),
      99,
    );
    if (!table.ok) throw new Error('not read');
    const cells = table.table.rows.map((row) => row.cells[0]!);
    for (const cell of cells) expect(cell).not.toMatch(/[;\t\n\r]\s*[=+\-@]/);
    expect(cells.map(armedAgain)).toEqual(armed);
  });
});
