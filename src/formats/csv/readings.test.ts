import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { MOST_ROWS, readReadings, writeReadings } from './readings';
import { parseNumber } from './table';

const HEADER = 'time;snow temperature [°C];humidity [%]';
const readGood = (text: string) => {
  const file = readReadings(text, 'CET');
  if (!file.ok) throw new Error(JSON.stringify(file.problems));
  return file.rows;
};
const readBad = (text: string) => {
  const file = readReadings(text, 'CET');
  if (file.ok) throw new Error('the file was taken');
  return file.problems;
};

describe('readings from CSV', () => {
  it('takes the example file: mark, semicolons, decimal commas, a note over two lines', () => {
    const readings = readGood(readFileSync('examples/readings.csv', 'utf8'));
    expect(readings).toHaveLength(6);
    expect(readings[0]).toMatchObject({
      takenAt: '2027-01-16T11:40:00.000Z',
      temperatureC: -4.8,
      temperatureSdC: 0.6,
      airTemperatureC: -1.2,
      humidityFraction: 0.58,
      grain: 'MM',
      origin: 'machine_made',
    });
    expect(readings[5]!.dirt).toBe('dirty');
  });

  it('converts units of the header, and takes commas or tabs as well', () => {
    const [reading] = readGood(
      'time,snow temperature [°F],spread (°F),humidity [1]\n2027-01-16T15:00:00Z,14,1.8,0.7',
    );
    expect(reading).toMatchObject({ temperatureC: -10, temperatureSdC: 1, humidityFraction: 0.7 });
    expect(
      readGood(`${HEADER.replaceAll(';', '\t')}\n2027-01-16 15:00\t-3,5\t70`)[0],
    ).toMatchObject({ temperatureC: -3.5 });
  });

  it('gives back what it has written', () => {
    const written = readGood(readFileSync('examples/readings.csv', 'utf8'));
    expect(readGood(writeReadings(written))).toEqual(written);
  });

  it('disarms text that a spreadsheet would run', () => {
    const [reading] = readGood(`${HEADER};note\n2027-01-16 15:00;-3;70;=1+1`);
    const text = writeReadings([reading!]);
    expect(text).toContain("'=1+1");
    expect(readGood(text)[0]!.note).toBe('=1+1');
  });

  it('reports every bad cell by line and column, counting lines inside quotes', () => {
    const problems = readBad(
      [
        `${HEADER};note`,
        '2027-01-16 15:00;-3;70;"two',
        'lines"',
        'soon;2;170;',
        '2027-02-30 15:00;cold;;',
      ].join('\n'),
    );
    expect(problems.map(({ line, field }) => [line, field])).toEqual([
      [4, 'time'],
      [4, 'snow temperature'],
      [4, 'humidity'],
      [5, 'time'],
      [5, 'snow temperature'],
      [5, 'humidity'],
    ]);
  });

  it('names unknown, doubled and missing columns, units, empty files and ragged rows', () => {
    expect(readBad('')[0]!.message).toContain('empty');
    expect(readBad(HEADER)[0]!.message).toContain('no rows');
    expect(readBad('time;mood\n1;2')[0]!.message).toContain('“mood” is not known');
    expect(readBad('time;snow temperature\n1;2')[0]!.message).toContain('[°C]');
    expect(readBad('time;time\n1;2')[0]!.message).toContain('twice');
    expect(readBad('time;humidity [%]\n1;2')[0]!.message).toContain('snow temperature is missing');
    expect(readBad(`${HEADER}\n2027-01-16 15:00;-3;70;9`)[0]!.message).toContain('More cells');
    expect(readBad('constructor;__proto__\n1;2')).toHaveLength(2);
  });

  it('takes ten thousand rows and no more', () => {
    const row = '2027-01-16 15:00;-3,5;70';
    const rows = (count: number) => [HEADER, ...Array<string>(count).fill(row)].join('\n');
    expect(readGood(rows(MOST_ROWS))).toHaveLength(MOST_ROWS);
    expect(readBad(rows(MOST_ROWS + 1))[0]!.message).toContain('The limit is 10000');
  });

  it('reads numbers as people write them', () => {
    expect(parseNumber(' −4,5 ', true)).toBe(-4.5);
    expect(parseNumber('.5', false)).toBe(0.5);
    expect(parseNumber('', true)).toBeUndefined();
    for (const text of ['4,5', '1.2.3', 'cold', '0x10', '1e999x']) {
      expect(parseNumber(text, false)).toBeNaN();
    }
  });
});
