import { createSystem, defineConfig, type SystemContext } from '@chakra-ui/react/styled-system';
import { systemByName } from './by-name';
import { base, kit } from './kit';

const bone = {
  50: '#fbf9f3',
  100: '#f5f1e7',
  200: '#eae4d5',
  300: '#d5cdba',
  400: '#a79f8c',
};
const graphite = {
  500: '#6d7074',
  600: '#54585c',
  700: '#3a3e42',
  800: '#26292c',
  900: '#191b1d',
  950: '#121415',
};
const spruce = { 300: '#8fd0b5', 400: '#6fb99b', 600: '#1f6650', 700: '#174d3d' };
const alarm = { 300: '#ff9c8c', 600: '#b02a1c' };

const tone = (base: string, dark: string) => ({ value: { base, _dark: dark } });

/** See font.ts; what is not in them, the machine has. */
export const FONTS =
  "var(--font-further), var(--font-letters), 'Letters on Roboto', 'Letters on DejaVu', system-ui, sans-serif";

const config = defineConfig({
  globalCss: {
    html: {
      fontVariantNumeric: 'tabular-nums',
      scrollPaddingTop: '96px',
      scrollPaddingBottom: '120px',
    },
    body: { bg: 'paper', color: 'ink', fontFamily: 'body', textStyle: 'body' },
    '*:focus-visible': { outline: '3px solid', outlineColor: 'action', outlineOffset: '2px' },
    '.no-print': { _print: { display: 'none !important' } },
    // Colours change at once: between those of day and night a word could not be read.
    '*, *::before, *::after': {
      transition: 'none !important',
      _motionReduce: { animation: 'none !important' },
    },
  },
  theme: {
    tokens: {
      colors: {
        bone: Object.fromEntries(Object.entries(bone).map(([k, value]) => [k, { value }])),
        graphite: Object.fromEntries(Object.entries(graphite).map(([k, value]) => [k, { value }])),
        spruce: Object.fromEntries(Object.entries(spruce).map(([k, value]) => [k, { value }])),
        alarm: Object.fromEntries(Object.entries(alarm).map(([k, value]) => [k, { value }])),
      },
      fonts: {
        body: { value: FONTS },
        heading: { value: FONTS },
      },
      sizes: { target: { value: '44px' }, targetLarge: { value: '52px' } },
    },
    textStyles: {
      hero: {
        value: {
          fontSize: { base: '44px', md: '56px' },
          lineHeight: '1.02',
          fontWeight: '650',
          letterSpacing: '-0.02em',
        },
      },
      title: {
        value: { fontSize: { base: '24px', md: '28px' }, lineHeight: '1.15', fontWeight: '650' },
      },
      body: { value: { fontSize: '18px', lineHeight: '1.4', fontWeight: '430' } },
      strong: { value: { fontSize: '18px', lineHeight: '1.4', fontWeight: '650' } },
      small: { value: { fontSize: '15px', lineHeight: '1.4', fontWeight: '430' } },
    },
    semanticTokens: {
      colors: {
        paper: tone('{colors.bone.100}', '{colors.graphite.900}'),
        sheet: tone('{colors.bone.50}', '{colors.graphite.800}'),
        sunk: tone('{colors.bone.200}', '{colors.graphite.950}'),
        ink: tone('{colors.graphite.800}', '{colors.bone.100}'),
        faint: tone('{colors.graphite.600}', '{colors.bone.300}'),
        rule: tone('{colors.bone.300}', '{colors.graphite.700}'),
        edge: tone('{colors.graphite.500}', '{colors.bone.400}'),
        lineGround: tone('{colors.graphite.800}', '{colors.graphite.950}'),
        lineInk: tone('{colors.bone.100}', '{colors.bone.100}'),
        action: tone('{colors.spruce.600}', '{colors.spruce.300}'),
        actionHover: tone('{colors.spruce.700}', '{colors.spruce.400}'),
        onAction: tone('{colors.bone.50}', '{colors.graphite.950}'),
        danger: tone('{colors.alarm.600}', '{colors.alarm.300}'),
      },
      radii: { l1: { value: '2px' }, l2: { value: '3px' }, l3: { value: '4px' } },
    },
  },
});

let made: SystemContext | undefined;

/** The theme, worked out once. */
export const system = (): SystemContext => (made ??= createSystem(base, kit, config));

const UNWANTED = { preflight: false, globalCss: {} };

/** The theme for a page that came with the styles of the whole page: they are not worked out again. */
export function systemOfParts(): SystemContext {
  const theme = systemByName(base, { ...kit, ...UNWANTED }, { ...config, ...UNWANTED });
  return { ...theme, _global: [], _config: { ...theme._config, disableLayers: true } };
}
