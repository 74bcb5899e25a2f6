import { expect, it } from 'vitest';
import { IS_LONG, withDemo } from './app';
import { EVERY_SCREEN } from './every-screen';

const demo = withDemo();

/** Compressed script that a page may bring along before it is there, bytes. */
const MOST_SCRIPT = 250_000;

/** Bytes of the scripts that a page names, as they are sent. */
async function scriptOf(path: string): Promise<number> {
  const page = await fetch(demo.app.url + path, { headers: { accept: 'text/html' } });
  const tags = [...(await page.text()).matchAll(/<script[^>]*src="([^"]+)"[^>]*>/g)];
  const named = tags.filter(([tag]) => !/nomodule/i.test(tag)).map(([, source]) => source!);
  const sizes = [...new Set(named)].map(async (source) => {
    const script = await fetch(demo.app.url + source, {
      method: 'HEAD',
      headers: { 'accept-encoding': 'br' },
    });
    return Number(script.headers.get('content-length'));
  });
  return (await Promise.all(sizes)).reduce((sum, bytes) => sum + bytes, 0);
}

it.runIf(IS_LONG)('no screen brings along more script than a phone takes in a second', async () => {
  const heavy: string[] = [];
  for (const path of EVERY_SCREEN) {
    const bytes = await scriptOf(path);
    expect(bytes, path).toBeGreaterThan(100_000);
    if (bytes > MOST_SCRIPT) heavy.push(`${path}: ${bytes}`);
  }
  expect(heavy).toEqual([]);
});

it('its scripts are read whole while they come, by browsers that know how', async () => {
  const page = await fetch(`${demo.app.url}/quick`, { headers: { accept: 'text/html' } });
  const named = [...(await page.text()).matchAll(/<script[^>]*src="([^"]+chunks[^"]+)"/g)];
  expect(named.length).toBeGreaterThan(5);
  for (const [, source] of named) {
    const script = await (await fetch(demo.app.url + source!)).text();
    expect(script, source).toMatch(/^\/\/# allFunctionsCalledOnLoad\n/);
  }
});
