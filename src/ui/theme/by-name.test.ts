import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import type { SystemConfig } from '@chakra-ui/react/styled-system';
import { describe, expect, it } from 'vitest';
import { kit } from './kit';
import { system, systemOfParts } from './system';

const whole = system();
const byName = systemOfParts();
const { tokens } = whole;

const utilities = Object.entries(defaultBaseConfig.utilities!);

/** The names that a property of a style may take, besides the CSS of its own. */
function namesFor({ values }: NonNullable<SystemConfig['utilities']>[string]): string[] {
  if (typeof values === 'string') return Object.keys(tokens.getCategoryValues(values) ?? {});
  if (Array.isArray(values)) return values;
  if (typeof values !== 'function') return [];
  return Object.keys(values((category) => tokens.getCategoryValues(category)));
}

describe('the theme by name', () => {
  it('writes every token as the whole theme does', () => {
    expect(tokens.flatMap.size).toBeGreaterThan(250);
    expect(Object.fromEntries(byName.tokens.flatMap)).toEqual(Object.fromEntries(tokens.flatMap));
  });

  it('gives what draws without styles the same colours', () => {
    for (const name of tokens.tokenMap.keys()) {
      if (!name.startsWith('colors.')) continue;
      expect([name, byName.token(name)]).toEqual([name, whole.token(name)]);
      expect(byName.token.var(name)).toBe(whole.token.var(name));
    }
    expect(byName.token('colors.none', 'red')).toBe('red');
  });

  it('styles each property with each of its names alike', () => {
    for (const [property, utility] of utilities) {
      for (const value of [...namesFor(utility), '7px', '-4', 'gray.500/50', '{colors.ink}', 0]) {
        const style = { [property]: value as never };
        expect([style, byName.css(style)]).toEqual([style, whole.css(style)]);
      }
    }
  });

  it('styles every part of the kit alike', () => {
    const recipes = Object.keys(kit.theme!.recipes!);
    const slotRecipes = Object.keys(kit.theme!.slotRecipes!);
    const styled = ({ getRecipeFn, getSlotRecipeFn }: typeof whole) => [
      ...recipes.map((name) => getRecipeFn(name)({}) as unknown),
      ...slotRecipes.map((name) => getSlotRecipeFn(name)({}) as unknown),
    ];
    const bare = { ...whole, layers: byName.layers };
    expect(styled(byName).length).toBe(18);
    expect(styled(byName)).toEqual(styled(bare));
  });

  it('takes the palette, the styles of text and the widths of screens alike', () => {
    for (const style of [
      ...[...tokens.colorPaletteMap.keys()].map((colorPalette) => ({ colorPalette })),
      ...['hero', 'title', 'body', 'strong', 'small'].map((textStyle) => ({ textStyle })),
      { color: { base: 'ink', md: 'faint', _dark: 'onAction' }, p: ['1', '2', '4'] },
      { m: '-4', w: 'target', _hover: { bg: 'actionHover', _print: { display: 'none' } } },
      { hideBelow: 'md', focusRing: 'outside', color: 'token(colors.ink, red)' },
    ]) {
      expect([style, byName.css(style)]).toEqual([style, whole.css(style)]);
    }
  });
});
