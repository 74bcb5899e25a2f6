import { readdirSync } from 'node:fs';
import path from 'node:path';
import { expect, it } from 'vitest';
import { SCREEN_PATHS, SCREENS, screenFacts } from '@/core/model';
import { SHORTCUTS } from '@/ui/keys/registry';
import { screensOf, START_PAGES } from '@/workers/kept-pages';

/** The pages of a folder of routes, but for those of single things. */
const pagesIn = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => path.basename(file) === 'page.tsx' && !file.includes('['))
    .map((file) => path.dirname(file))
    .filter((file) => file !== '.');

it('every page there is stands in the list of screens, and no other', () => {
  const inOuting = pagesIn('app/outing/[outingId]');
  const outside = pagesIn('app');
  // The settings have two pages: of an outing, and before there is one.
  const listed = (isOutside: boolean) =>
    SCREEN_PATHS.filter((one) => (screenFacts(one).isOutside ?? false) === isOutside);
  expect(inOuting.sort()).toEqual([...listed(false)].sort());
  expect(outside.sort()).toEqual([...listed(true), 'settings'].sort());
});

it('no key opens two things', () => {
  const keys = Object.values(SHORTCUTS).map(({ key }) => key);
  expect(new Set(keys).size).toBe(keys.length);
  expect(SHORTCUTS.snow.key).toBe(SCREENS.snow.key);
});

it('what is needed on the hill is kept on a device', () => {
  expect(screensOf('one')).toContain('/outing/one/bench');
  expect(screensOf('one')).not.toContain('/outing/one/season');
  expect(START_PAGES).toEqual(['/quick', '/outbox', '/offline']);
});
