import type { SystemConfig } from '@chakra-ui/react/styled-system';
import { cssVarsPrefix } from '@chakra-ui/react/theme';

/** Tokens as a theme lists them: by category, then by the parts of their names. */
interface TokenTree {
  [part: string]: TokenTree | { value: unknown };
}

/** What a style writes in the place of a token, by category and by name there. */
export type TokenTables = Record<string, Record<string, string>>;

type ThemingConfig = NonNullable<SystemConfig['theme']>;
type Leaf = readonly [path: readonly string[], value: unknown];

/** The name of the token that is meant where a group of tokens is named. */
const ITSELF = 'DEFAULT';

function leavesOf(tree: TokenTree, above: readonly string[] = []): Leaf[] {
  return Object.entries(tree).flatMap(([part, below]) => {
    const path = part === ITSELF ? above : [...above, part];
    return 'value' in below ? [[path, below.value] as const] : leavesOf(below, path);
  });
}

const UNFIT = /[^\w\u0081-\uffff-]/g;
const CAPITAL = /[A-Z]/g;

/** The CSS variable of a token, named as the component library names it. */
const variableOf = (path: readonly string[]) =>
  `--${cssVarsPrefix}-${path.join('-')}`
    .replace(UNFIT, '\\$&')
    .replace(CAPITAL, (letter) => `-${letter.toLowerCase()}`);

const PALETTE = ['colors', 'colorPalette'];

/** The tokens of a theme by name: all that the styles of a page need once its variables stand in the page. */
export class TokenNames {
  readonly tables: TokenTables = {};
  /** The variables of a palette that each of its colours stands in for, by palette. */
  readonly palettes: TokenTables = {};
  /** Values that are the same by day and by night, for what draws without styles. */
  readonly fixed = new Map<string, unknown>();

  /** Adds the tokens of a theme; of two of one name the later is meant. */
  add({ tokens = {}, semanticTokens = {}, breakpoints = {} }: ThemingConfig) {
    for (const [path, value] of leavesOf(tokens)) this.#put(path, value);
    for (const [path] of leavesOf(semanticTokens)) this.#put(path);
    for (const [name, width] of Object.entries(breakpoints)) {
      this.#put(['breakpoints', name], width);
      this.#put(['sizes', `breakpoint-${name}`], width);
    }
  }

  #put(path: readonly string[], value?: unknown) {
    const [category, ...parts] = path as [string, ...string[]];
    const reference = `var(${variableOf(path)})`;
    this.#name(category, parts, reference);
    if (value !== undefined) this.fixed.set(path.join('.'), value);
    if (category === 'spacing')
      this.#name(category, [`-${parts.join('.')}`], `calc(${reference} * -1)`);
    if (category === 'colors') this.#addToPalette(parts, reference);
  }

  #name(category: string, parts: readonly string[], reference: string) {
    (this.tables[category] ??= {})[parts.join('.')] = reference;
  }

  #addToPalette([palette, ...shade]: readonly string[], reference: string) {
    const inPalette = variableOf([...PALETTE, ...shade]);
    (this.palettes[palette!] ??= {})[inPalette] = reference;
    this.#name('colors', ['colorPalette', ...shade], `var(${inPalette})`);
  }
}
