// Lays out Plotly for browsers: a file of its own for each of its two bundles, named by what is in it.
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { ROOT } from './install.mjs';

/** What is drawn with each: lines and bars, or heat maps too, which is half as big again. */
const BUNDLES = {
  lines: 'plotly.js-basic-dist-min/plotly-basic.min.js',
  maps: 'plotly.js/plotly-cartesian.min.js',
};
const FOLDER = 'plotly';
const HASH_LETTERS = 12;

const OPENS = '"use strict";var Plotly=(()=>{';
const CLOSES = /return (\w+)\(\);\}\)\(\);/;

/**
 * Its program as a module, without the two functions around all of it. A browser reads a megabyte anew for each
 * function around it, on the thread of the page; what stands at the top of a module it reads once, beside the page.
 * @param {string} source
 */
export function asModule(source) {
  const [head = '', body = '', ...more] = source.split(OPENS);
  const closes = CLOSES.exec(body);
  if (!closes || more.length > 0)
    throw new Error('Plotly is not laid out as it was. See plotly.mjs.');
  const licence = head.slice(0, head.indexOf('*/') + 2);
  const notes = body.slice(closes.index + closes[0].length, body.lastIndexOf('*/') + 2);
  return `${licence}\n${body.slice(0, closes.index)}export default ${closes[1]}();${notes}\n`;
}

/** The bundles as files. Read only when asked for: on a new machine they are installed after this program has begun. */
const filesNow = () =>
  Object.entries(BUNDLES).map(([name, file]) => {
    const text = asModule(readFileSync(path.join(ROOT, 'node_modules', file), 'utf8'));
    const hash = createHash('sha256').update(text).digest('hex').slice(0, HASH_LETTERS);
    return { name, text, file: `${name}.${hash}.js` };
  });

/** Where pages find the bundles, by their names. */
export const plotlyAddresses = () =>
  Object.fromEntries(filesNow().map(({ name, file }) => [name, `/_next/static/${FOLDER}/${file}`]));

/**
 * Writes the bundles to the folder of files that never change.
 * @param {string} folder
 */
export function writePlotly(folder) {
  mkdirSync(path.join(folder, FOLDER), { recursive: true });
  for (const { file, text } of filesNow()) writeFileSync(path.join(folder, FOLDER, file), text);
}
