import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import ts from 'typescript';
import { afterAll, describe, expect, it } from 'vitest';
import { asModule, plotlyAddresses, writePlotly } from '../../scripts/lib/plotly.mjs';

const folder = mkdtempSync(path.join(tmpdir(), 'frost-plotly-'));
writePlotly(folder);
const addresses = plotlyAddresses();
afterAll(() => rmSync(folder, { recursive: true }));

const fileOf = (address: string) =>
  readFileSync(path.join(folder, address.replace('/_next/static/', '')), 'utf8');

describe('what draws the charts', () => {
  it('lies where pages look for it, a file for each kind of chart', () => {
    expect(Object.keys(addresses)).toEqual(['lines', 'maps']);
    const names = Object.values(addresses).map((address) => path.basename(address));
    expect(readdirSync(path.join(folder, 'plotly')).toSorted()).toEqual(names.toSorted());
    for (const name of names) expect(name).toMatch(/^(lines|maps)\.[0-9a-f]{12}\.js$/);
  });

  it.each(Object.entries(addresses))(
    'is a module with no function around it all, and names its licence: %s',
    (_, address) => {
      const text = fileOf(address);
      const { statements } = ts.createSourceFile('plotly.mjs', text, ts.ScriptTarget.Latest);
      const longest = Math.max(...statements.map((one) => one.end - one.pos));
      expect(longest).toBeLessThan(text.length / 4);
      expect(statements.filter(ts.isExportAssignment)).toHaveLength(1);
      expect(text).toMatch(/^\/\*\*\n\* plotly\.js .*\n\* Copyright/);
      expect(text).toContain('Licensed under the MIT license');
      expect(text).toContain('Bundled license information');
    },
  );
});

describe('a program laid out otherwise', () => {
  const body = (inner: string) => `/** x */\n"use strict";var Plotly=(()=>{${inner}})();`;

  it('is taken out of what stands around it', () => {
    const flat = asModule(
      body('var a=()=>7;return a();') + '\n/*! notes */\nwindow.Plotly=Plotly;',
    );
    expect(flat).toBe('/** x */\nvar a=()=>7;export default a();\n/*! notes */\n');
  });

  it.each([
    ['nothing', ''],
    ['another wrapper', '(function(){return 7})()'],
    ['no end', '"use strict";var Plotly=(()=>{var a=7'],
    ['two of them', body('return a();') + body('return b();')],
  ])('is refused when the app is built: %s', (_, source) => {
    expect(() => asModule(source)).toThrow('Plotly is not laid out as it was');
  });
});
