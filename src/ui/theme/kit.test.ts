import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { defaultConfig } from '@chakra-ui/react/preset';
import { createSystem } from '@chakra-ui/react/styled-system';
import { describe, expect, it } from 'vitest';
import { kit } from './kit';
import { system } from './system';

/** Every word of quoted text, and every number in braces: more than styles name, and never less. */
function namesIn(source: string): string[] {
  const found = [...source.matchAll(/['"`]([^'"`\n]{1,60})['"`]|\{(-?[\d.]+)\}/g)];
  return found.flatMap(([, text, number]) => [
    text ?? number!,
    ...(text ?? '').split(/[\s,(){}]+/),
  ]);
}

const filesOf = (folder: string) =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.tsx') && !file.endsWith('.test.tsx'))
    .map((file) => readFileSync(path.join(folder, file), 'utf8'));
const written = ['src/ui', 'src/features', 'app'].flatMap(filesOf).flatMap(namesIn);

const { recipes, slotRecipes, textStyles, semanticTokens } = kit.theme!;
const byKit = namesIn(
  JSON.stringify([recipes, slotRecipes, textStyles, semanticTokens, kit.globalCss]),
);
const named = new Set([...written, ...byKit]);

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
