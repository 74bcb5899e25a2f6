import { valuesOf, type FigureTable, type LimitTable } from '../figure';

/** Materials of the iron, limits of the bench, and how the iron lab advises. */
export const IRON_FIGURES = {
  film: {
    mean: { conductivity: 0.22, heatCapacity: 2400, latentHeat: 180_000, density: 900 },
    unit: 'W/m/K, J/kg/K, J/kg, kg/m³',
    source: 'Tables of paraffin; latent heat over the melting range',
  },
  meltingRangeK: { mean: 8, unit: 'K', reason: 'Waxes melt over a range, from solid to liquid.' },
  base: {
    mean: { conductivity: 0.45, density: 940, heatCapacity: 2100 },
    unit: 'W/m/K, kg/m³, J/kg/K',
    source: 'Tables of polymers: polyethylene of ultra-high molecular weight',
  },
  core: {
    mean: { conductivity: 0.15, volumetric: 0.8e6, thicknessM: 0.01 },
    unit: 'W/m/K, J/m³/K, m',
    source: 'Tables of wood and foam',
  },
  convection: {
    mean: 10,
    unit: 'W/m²/K',
    reason: 'Still air over what was ironed, and over the iron.',
  },
  contact: {
    mean: 1500,
    unit: 'W/m²/K',
    range: [150, 20_000],
    reason:
      'Between plate and film: at the label’s temperature it gives the trails of practice, 5, 9 and 14 cm for a mid wax.',
  },
  contactLogSd: { mean: 0.4, unit: 'log', reason: 'Contacts of irons and waxes scatter so much.' },
  eyeSdM: { mean: 0.01, unit: 'm', reason: 'An eye at arm’s length.' },
  plateHeatCapacity: { mean: 900, unit: 'J/kg/K', source: 'Aluminium' },
  warnBaseC: { mean: 130, unit: '°C', reason: 'The base softens from here.' },
  stopBaseC: { mean: 135, unit: '°C', reason: 'The base melts from here.' },
  trailLeastM: { mean: 0.01, unit: 'm', reason: 'A trail of liquid as practice wants it.' },
  trailMostM: { mean: 0.1, unit: 'm', reason: 'Longer, and the heat goes into the base.' },
  smokeOverIronK: {
    mean: 25,
    unit: 'K',
    reason:
      'Without a smoke point on the label wax is taken to smoke this far above its iron temperature.',
  },
  sagMostK: { mean: 6, unit: 'K', reason: 'An iron that loses more in a pass is too light.' },
  defaultBaseMm: { mean: 1.2, unit: 'mm', reason: 'A usual base.' },
  defaultPauseS: { mean: 2, unit: 's', reason: 'Between two passes.' },
  defaultLagS: { mean: 8, unit: 's', reason: 'A usual thermostat.' },
  uptake: {
    mean: { diffusion: 9e-11, aboveMeltingK: 20, activation: 60_000, depthM: 15e-6 },
    unit: 'm²/s, K, J/mol, m',
    reason:
      'Uptake of wax by the base: diffusion at 20 K over the wax’s melting point, its activation energy, its depth. Three passes at the label and a good pace fill 60 to 70 % of what is empty, six about 90 %.',
  },
  pace: {
    mean: { narrow: [5, 6, 7, 8, 10, 12], wide: [8, 10, 12, 14, 17, 20] },
    unit: 's a pass',
    reason: 'Paces of practice: on a narrow ski, and on a wide one with the iron across.',
  },
  restS: {
    mean: [3, 6, 10, 15, 20, 30, 40],
    unit: 's',
    reason: 'The other ski of the pair is ironed in the rest.',
  },
  wideFromM: { mean: 0.06, unit: 'm', reason: 'From here an iron is held across.' },
  setsBelowLabelK: {
    mean: [0, 5, 10],
    unit: 'K',
    reason: 'The label rules: an iron is set to it, or as little below as it takes.',
  },
  advisedPasses: {
    mean: { least: 3, most: 5 },
    unit: '1',
    reason: 'Passes of practice.',
  },
  trailPlansM: {
    mean: [
      [0.1, 0.1, 0.1, 0.1, 0.1],
      [0.06, 0.08, 0.1, 0.1, 0.1],
      [0.035, 0.06, 0.08, 0.1, 0.1],
    ],
    unit: 'm',
    reason:
      'How long the trail of each pass may be in what is tried: a first pass that uses it all leaves no room for a third.',
  },
  enoughUptake: { mean: 0.6, unit: '1', reason: 'What the label gives is not bettered below it.' },
  adviceWeights: {
    mean: { belowLabelPerK: 0.008, sagPerK: 0.01, restPerS: 0.0015, fewer: 0.5 },
    unit: 'share of uptake',
    reason:
      'What a kelvin under the label, a kelvin of sag over the limit and a second of waiting are worth in uptake; fewer than three passes are worth less than anything.',
  },
  cells: {
    mean: { film: 5, base: 14, core: 10, growth: 1.32, halfSpaceM: 0.02 },
    unit: '1, m',
    reason: 'Twice as many change the trail by less than a millimetre.',
  },
  newton: {
    mean: { most: 30, toleranceK: 1e-7, behindKinkK: 1e-9 },
    unit: '1, K, K',
    reason:
      'The melting front settles in a few rounds, as long as no round goes further than to just behind an end of the melting range.',
  },
  steps: {
    mean: { contact: 24, coolFirstS: 0.01, coolGrowth: 1.12, longestS: 0.5, plateRounds: 2 },
    unit: '1, s',
    reason: 'Half as long changes the trail by less than a millimetre.',
  },
  series: { mean: 12, unit: '1', reason: 'Terms of the exact filling that still count.' },
  fitCells: { mean: 60, unit: '1', reason: 'Points of the posterior of the contact.' },
  map: {
    mean: { cells: 20, belowK: 40, aboveK: 25, passS: [3, 14], setC: [70, 195] },
    unit: '1, K, s, °C',
    reason: 'What an iron can be set to, about the label, at any pace of a hand.',
  },
  presets: {
    mean: {
      light_travel: { longM: 0.13, shortM: 0.08, massKg: 0.5, powerW: 250, lagS: 15 },
      household: { longM: 0.2, shortM: 0.11, massKg: 0.8, powerW: 1000, lagS: 25 },
      heavy_digital: { longM: 0.14, shortM: 0.095, massKg: 1.4, powerW: 850, lagS: 4 },
    },
    unit: 'm, kg, W, s',
    reason: 'Irons of general kinds, to start from, with both sides of their plates.',
  },
} as const satisfies FigureTable;

export const IRON = valuesOf(IRON_FIGURES);

const ON_A_BENCH = 'What a bench can have.';
/** Within what a question about ironing is answered. */
export const IRON_LIMITS = {
  lengthM: { range: [0.5, 2.6], unit: 'm', reason: ON_A_BENCH },
  widthM: { range: [0.03, 0.4], unit: 'm', reason: ON_A_BENCH },
  startC: { range: [-30, 60], unit: '°C', reason: ON_A_BENCH },
  baseMm: { range: [0.4, 3], unit: 'mm', reason: ON_A_BENCH },
  setC: { range: [60, 200], unit: '°C', reason: ON_A_BENCH },
  plateLengthM: { range: [0.03, 0.4], unit: 'm', reason: ON_A_BENCH },
  plateWidthM: { range: [0.03, 0.4], unit: 'm', reason: ON_A_BENCH },
  massKg: { range: [0.1, 5], unit: 'kg', reason: ON_A_BENCH },
  powerW: { range: [50, 3000], unit: 'W', reason: ON_A_BENCH },
  lagS: { range: [0, 120], unit: 's', reason: ON_A_BENCH },
  meltingC: { range: [20, 160], unit: '°C', reason: ON_A_BENCH },
  passS: { range: [1, 60], unit: 's', reason: ON_A_BENCH },
  passes: { range: [1, 12], unit: '1', reason: 'After five or six a base takes no more.' },
  pauseS: { range: [0, 600], unit: 's', reason: ON_A_BENCH },
  roomC: { range: [-30, 45], unit: '°C', reason: ON_A_BENCH },
  filmMicrometre: { range: [5, 300], unit: 'µm', reason: ON_A_BENCH },
  contact: { range: [50, 100_000], unit: 'W/m²/K', reason: ON_A_BENCH },
} as const satisfies LimitTable;
