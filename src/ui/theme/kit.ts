import { defaultBaseConfig } from '@chakra-ui/react/preset-base';
import { defineConfig } from '@chakra-ui/react/styled-system';
import {
  breakpoints,
  buttonRecipe,
  checkboxSlotRecipe,
  checkmarkRecipe,
  cssVarsPrefix,
  cssVarsRoot,
  dialogSlotRecipe,
  fieldSlotRecipe,
  fieldsetSlotRecipe,
  fileUploadSlotRecipe,
  globalCss,
  headingRecipe,
  inputRecipe,
  keyframes,
  linkRecipe,
  menuSlotRecipe,
  nativeSelectSlotRecipe,
  radioCardSlotRecipe,
  radioGroupSlotRecipe,
  radiomarkRecipe,
  semanticTokens,
  sliderSlotRecipe,
  tableSlotRecipe,
  textareaRecipe,
  textStyles,
  tokens,
} from '@chakra-ui/react/theme';

const pick = <T extends object, K extends keyof T>(table: T, ...keys: K[]): Pick<T, K> =>
  Object.fromEntries(keys.map((key) => [key, table[key]])) as Pick<T, K>;

const without = <T extends object>(table: T, ...keys: readonly (keyof T)[]): T =>
  Object.fromEntries(Object.entries(table).filter(([key]) => !keys.includes(key as keyof T))) as T;

/** Lengths without fractions of the width and without the steps between or beyond those that are used. */
const lengths = <T extends object>(table: T): T =>
  Object.fromEntries(
    Object.entries(table).filter(([key]) => !key.includes('/') && !UNUSED_STEPS.has(key)),
  ) as T;
const UNUSED_STEPS = new Set(['44', '48', '52', '56', '64', '72', '96']);

const { colors } = tokens;
const { bg, fg, border, gray } = semanticTokens.colors;

/** The tokens that some style names; kit.test.ts holds that none is missing. */
const used = {
  ...without(tokens, 'aspectRatios', 'easings'),
  animations: pick(tokens.animations, 'spin'),
  durations: without(tokens.durations, 'fastest', 'slower', 'slowest'),
  fonts: without(tokens.fonts, 'mono'),
  fontSizes: without(tokens.fontSizes, '8xl', '9xl'),
  fontWeights: without(tokens.fontWeights, 'thin', 'extralight', 'bold', 'extrabold'),
  letterSpacings: pick(tokens.letterSpacings, 'widest'),
  lineHeights: pick(tokens.lineHeights, 'short', 'moderate'),
  spacing: lengths(tokens.spacing),
  sizes: without(
    lengths(tokens.sizes),
    ...([
      '3xs',
      '8xl',
      'max',
      'prose',
      'dvh',
      'svh',
      'lvh',
      'dvw',
      'svw',
      'lvw',
      'vw',
      'vh',
    ] as const),
  ),
  zIndex: pick(tokens.zIndex, 'base', 'sticky', 'popover'),
  cursor: without(tokens.cursor, 'switch'),
  colors: {
    ...pick(colors, 'transparent', 'current', 'black', 'white', 'gray'),
    blackAlpha: pick(colors.blackAlpha, 500),
    red: pick(colors.red, 400, 500),
  },
};

const { conditions = {}, utilities } = defaultBaseConfig;

/** What properties of a style mean, and the states and media that some style names: a quarter of all there are. */
export const base = defineConfig({
  utilities,
  conditions: pick(
    conditions as Record<string, string>,
    'hover',
    'focus',
    'focusVisible',
    'disabled',
    'empty',
    'before',
    'only',
    'checked',
    'expanded',
    'groupExpanded',
    'highlighted',
    'dragging',
    'invalid',
    'selected',
    'underValue',
    'open',
    'closed',
    'icon',
    'rtl',
    'print',
    'motionReduce',
    'light',
    'dark',
  ),
});

/**
 * What this interface uses of the component library's theme: the rest would be worked out anew on every page. A
 * component with a recipe needs it here to be styled, and a colour its token.
 */
export const kit = defineConfig({
  preflight: true,
  cssVarsPrefix,
  cssVarsRoot,
  globalCss,
  theme: {
    breakpoints,
    keyframes,
    textStyles,
    tokens: used,
    semanticTokens: {
      ...semanticTokens,
      colors: {
        bg: pick(bg, 'DEFAULT', 'subtle', 'muted', 'panel'),
        fg: pick(fg, 'DEFAULT', 'muted', 'error'),
        border: pick(border, 'DEFAULT', 'emphasized', 'error'),
        gray,
      },
    },
    recipes: {
      button: buttonRecipe,
      checkmark: checkmarkRecipe,
      heading: headingRecipe,
      input: inputRecipe,
      link: linkRecipe,
      radiomark: radiomarkRecipe,
      textarea: textareaRecipe,
    },
    slotRecipes: {
      checkbox: checkboxSlotRecipe,
      dialog: dialogSlotRecipe,
      field: fieldSlotRecipe,
      fieldset: fieldsetSlotRecipe,
      fileUpload: fileUploadSlotRecipe,
      menu: menuSlotRecipe,
      nativeSelect: nativeSelectSlotRecipe,
      radioCard: radioCardSlotRecipe,
      radioGroup: radioGroupSlotRecipe,
      slider: sliderSlotRecipe,
      table: tableSlotRecipe,
    },
  },
});
