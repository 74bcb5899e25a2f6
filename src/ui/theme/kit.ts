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

const { colors } = tokens;
const { bg, fg, border, gray } = semanticTokens.colors;

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
    tokens: {
      ...tokens,
      colors: pick(
        colors,
        ...(['transparent', 'current', 'black', 'white', 'blackAlpha', 'gray', 'red'] as const),
      ),
    },
    semanticTokens: {
      ...semanticTokens,
      colors: {
        bg: pick(bg, 'DEFAULT', 'subtle', 'muted', 'emphasized', 'inverted', 'panel', 'error'),
        fg: pick(fg, 'DEFAULT', 'subtle', 'muted', 'inverted', 'error'),
        border: pick(border, 'DEFAULT', 'subtle', 'muted', 'emphasized', 'inverted', 'error'),
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
