import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { defaultConfig } from '@chakra-ui/react/preset';
import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import { createSystem } from '@chakra-ui/react/styled-system';
import { describe, expect, it } from 'vitest';
import { base, kit } from './kit';
import { system } from './system';

/** Every word of quoted text, and every number in braces: more than styles name, and never less. */
function namesIn(source: string): string[] {
  const found = [...source.matchAll(/['"`]([^'"`\n]{1,60})['"`]|\{(-?[\d.]+)\}/g)];
  return found.flatMap(([, text, number]) => [
    text ?? number!,
    ...(text ?? '').split(/[\s,(){}]+/),
  ]);
}

const LIBRARY = 'node_modules/@chakra-ui/react/dist/esm';
const filesIn = (folder: string, wanted: RegExp) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => wanted.test(file) && !/\.test\.tsx?$/.test(file))
    .map((file) => readFileSync(path.join(folder, file), 'utf8'));
const filesOf = (folder: string) => filesIn(folder, /\.tsx$/);
const written = ['src/ui', 'src/features', 'app'].flatMap(filesOf).flatMap(namesIn);

const { recipes, slotRecipes, textStyles, semanticTokens } = kit.theme!;
const byKit = namesIn(
  JSON.stringify([recipes, slotRecipes, textStyles, semanticTokens, kit.globalCss]),
);
const named = new Set([...written, ...byKit]);

/** Every style that may name a state: of this interface, of the kit and of the library's own components. */
const wholeText = [
  ...['src', 'app'].flatMap(filesOf),
  ...filesIn(path.join(LIBRARY, 'components'), /\.js$/),
  JSON.stringify([recipes, slotRecipes, kit.globalCss, system()._config.globalCss]),
].join('\n');
const isNamed = (state: string) => new RegExp(`\\b_${state}\\b`).test(wholeText);

/** Tokens of the library that this theme leaves out. */
const leftOut = createSystem(defaultConfig)
  .tokens.allTokens.filter(({ name }) => !system().tokens.tokenMap.has(name))
  .map(({ name, extensions }) => ({ name, prop: String(extensions.prop) }));

describe('the theme', () => {
  it('leaves out tokens, and none that a style names', () => {
    expect(leftOut.length).toBeGreaterThan(200);
    const missed = leftOut.filter(
      ({ name, prop }) => named.has(name) || named.has(prop) || named.has(`-${prop}`),
    );
    expect(missed.map(({ name }) => name)).toEqual([]);
  });

  it('leaves out states and media, and none that a style names', () => {
    const kept = Object.keys(base.conditions!);
    const missed = Object.keys(defaultBaseConfig.conditions!).filter(
      (name) => !kept.includes(name) && isNamed(name),
    );
    expect(kept.length).toBeLessThan(30);
    expect(missed).toEqual([]);
    expect(isNamed('hover')).toBe(true);
  });

  it('gives each token that is named a variable of its own', () => {
    for (const name of [
      'colors.paper',
      'sizes.target',
      'spacing.4',
      'radii.l2',
      'zIndex.popover',
    ]) {
      expect(system().token.var(name)).toMatch(/^var\(--chakra-/);
    }
    expect(system()).toBe(system());
  });
});
