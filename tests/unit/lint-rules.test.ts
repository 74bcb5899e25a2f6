import { Linter } from 'eslint';
import { describe, expect, it } from 'vitest';
import { noLooseNumbers } from '../../scripts/lint/no-loose-numbers.mjs';
import { noProse } from '../../scripts/lint/no-prose.mjs';

const linter = new Linter();
const found = (rule: 'no-prose' | 'no-loose-numbers', code: string): string[] =>
  linter
    .verify(code, {
      plugins: { house: { rules: { 'no-prose': noProse, 'no-loose-numbers': noLooseNumbers } } },
      rules: { [`house/${rule}`]: 'error' },
      languageOptions: { ecmaVersion: 2024, sourceType: 'module' },
    })
    .map((one) => one.message);

describe('a number in the core', () => {
  it.each(['0', '1', '2', '0.5', '-1', '10', '1000', '1e6', '0.001', 'x / 100'])(
    'that says nothing about the craft may stand: %s',
    (code) => {
      expect(found('no-loose-numbers', `f(${code});`)).toEqual([]);
    },
  );

  it.each(['3', '0.25', '273.15', '-40', '1.8', '20', '1013.25', '0.62'])(
    'of the craft may not: %s',
    (code) => {
      expect(found('no-loose-numbers', `f(${code});`)).toHaveLength(1);
    },
  );

  it('is told with the text it has in the file', () => {
    expect(found('no-loose-numbers', 'const wet = x > 0.005;')[0]).toContain('0.005 is loose');
  });

  it('is looked for everywhere in an expression', () => {
    expect(found('no-loose-numbers', 'const a = [3, b ? 4 : 0, { c: 5 }, `${6}`];')).toHaveLength(
      4,
    );
  });
});

describe('text in the core', () => {
  it.each([
    "f('wet_snow_below_zero');",
    "f('dry');",
    "import { a } from './a file with words';",
    "export { a } from '../other place/a';",
    "db.orderBy('created_at', 'desc');",
    "db.selectFrom('choice as later');",
    "f('°C');",
    "f('');",
    'sql`select one from two where three`;',
    'f(`${a} ${b}`);',
  ])('that nobody reads may stand: %s', (code) => {
    expect(found('no-prose', code)).toEqual([]);
  });

  it.each([
    "f('The snow is wet.');",
    "f('too soft');",
    "throw new Error('no such ski');",
    'f(`The wax ${name} is too soft`);',
    "f('Wet, old snow');",
    "f('sharp.');",
  ])('that a person would read may not: %s', (code) => {
    expect(found('no-prose', code)).toHaveLength(1);
  });

  it('is told by its beginning', () => {
    const long = 'some words '.repeat(40);
    expect(found('no-prose', `f('${long}');`)[0]!.length).toBeLessThan(160);
  });
});
