import {
  createSystem,
  type SystemConfig,
  type SystemContext,
} from '@chakra-ui/react/styled-system';
import { TokenNames, type TokenTables } from './token-names';

type Utilities = NonNullable<SystemConfig['utilities']>;
type Utility = Utilities[string];
type Values = Utility['values'];

/**
 * What a property of a style may be, taken from tables by name. The library asks twice: with its own tables, which are
 * empty here, and with one that answers everything, to list the names of types. Nobody reads those: they stay empty.
 */
function valuesFrom(values: Values, tables: TokenTables): Values {
  if (typeof values !== 'string' && typeof values !== 'function') return values;
  return (ask) => {
    if (ask('any') !== null) return {};
    if (typeof values === 'string') return tables[values] ?? {};
    return values((category) => tables[category] ?? null);
  };
}

const withValues = (utilities: Utilities, tables: TokenTables): Utilities =>
  Object.fromEntries(
    Object.entries(utilities).map(([name, utility]) => [
      name,
      { ...utility, values: valuesFrom(utility.values, tables) },
    ]),
  );

/**
 * A theme that knows its tokens by name only, for a page whose styles hold their values: most of the work of making a
 * theme is to work these values out, and the library has no way to leave that out. It rests on the library's inside
 * (tests/unit/held-for.test.ts).
 */
export function systemByName(...configs: readonly SystemConfig[]): SystemContext {
  const names = new TokenNames();
  for (const { theme } of configs) names.add(theme ?? {});
  const system = createSystem(
    ...configs.map(({ theme, utilities, ...config }) => ({
      ...config,
      ...(utilities && { utilities: withValues(utilities, names.tables) }),
      theme: { ...theme, tokens: {}, semanticTokens: {}, recipes: {}, slotRecipes: {} },
    })),
  );
  // Recipes are looked up when a component first asks: the library would copy each of them before that.
  for (const { theme } of configs) {
    Object.assign(system._config.theme!.recipes!, theme?.recipes);
    Object.assign(system._config.theme!.slotRecipes!, theme?.slotRecipes);
  }
  for (const [category, table] of Object.entries(names.tables)) {
    for (const [name, reference] of Object.entries(table)) {
      system.tokens.flatMap.set(`${category}.${name}`, reference);
    }
  }
  system.utility.register('colorPalette', {
    values: Object.keys(names.palettes),
    transform: ((palette: string) => names.palettes[palette]) as Utility['transform'],
  });
  const referenceTo = (name: string) => system.tokens.getVar(name);
  const token = Object.assign(
    (name: string, fallback?: unknown) => names.fixed.get(name) ?? referenceTo(name) ?? fallback,
    { var: (name: string, fallback?: unknown) => referenceTo(name) ?? fallback },
  );
  return { ...system, token };
}
