import { valuesOf, type FigureTable } from './figure';

/** Physics: constants and coefficients of published laws, each once, with its source. */
export const CONSTANTS = {
  meltingK: { mean: 273.15, unit: 'K', source: 'Melting point of ice at one atmosphere' },
  iceHeatCapacity: { mean: 2100, unit: 'J/kg/K', source: 'Oke 1987, near 0 °C' },
  fusionHeat: { mean: 3.34e5, unit: 'J/kg', source: 'WMO' },
  sublimationHeat: { mean: 2.834e6, unit: 'J/kg', source: 'WMO' },
  iceDensity: { mean: 917, unit: 'kg/m³', source: 'Pure ice at 0 °C' },
  waterDensity: { mean: 1000, unit: 'kg/m³', source: 'Water at 4 °C' },
  stefanBoltzmann: { mean: 5.670374e-8, unit: 'W/m²/K⁴', source: 'CODATA' },
  snowEmissivity: { mean: 0.98, unit: '1', source: 'Oke 1987, long wave' },
  dryAirGas: { mean: 287.05, unit: 'J/kg/K', source: 'Gas constant of dry air' },
  airHeatCapacity: { mean: 1005, unit: 'J/kg/K', source: 'Dry air at constant pressure' },
  molarRatio: { mean: 0.622, unit: '1', source: 'Molar masses of water and dry air' },
  gravity: { mean: 9.81, unit: 'm/s²', source: 'Standard gravity' },
  airKgPerM3: { mean: 1.25, unit: 'kg/m³', source: 'Air at 9 °C at sea level' },
  karman: { mean: 0.4, unit: '1', source: 'von Kármán' },
  gasConstant: { mean: 8.314, unit: 'J/mol/K', source: 'CODATA' },
  solarConstant: { mean: 1361, unit: 'W/m²', source: 'Kopp & Lean 2011' },
  seaLevelHPa: { mean: 1013.25, unit: 'hPa', source: 'ICAO standard atmosphere' },
  seaLevelK: { mean: 288.15, unit: 'K', source: 'ICAO standard atmosphere' },
  standardLapseKPerM: { mean: 0.0065, unit: 'K/m', source: 'ICAO standard atmosphere' },
  pressureExponent: { mean: 5.25588, unit: '1', source: 'ICAO standard atmosphere, g·M/(R·L)' },
  magnusWater: {
    mean: { scaleHPa: 6.112, slope: 17.62, offsetC: 243.12 },
    unit: 'hPa, 1, °C',
    range: [-45, 60],
    source: 'Sonntag 1990; WMO-No. 8 (2018), annex 4.B',
  },
  magnusIce: {
    mean: { scaleHPa: 6.112, slope: 22.46, offsetC: 272.62 },
    unit: 'hPa, 1, °C',
    range: [-65, 0],
    source: 'Sonntag 1990; WMO-No. 8 (2018), annex 4.B',
  },
  psychrometer: {
    mean: { perK: 6.53e-4, slopePerK: 9.44e-4 },
    unit: '1/K',
    source: 'Ventilated psychrometer, WMO-No. 8 (2018), annex 4.B',
  },
  clearSky: { mean: { scale: 1098, extinction: 0.057 }, unit: 'W/m², 1', source: 'Haurwitz 1945' },
  cloudShade: { mean: { most: 0.75, power: 3.4 }, unit: '1', source: 'Kasten & Czeplak 1980' },
  diffuse: {
    mean: {
      clearBelow: 0.22,
      dullSlope: 0.09,
      brightAbove: 0.8,
      bright: 0.165,
      polynomial: [0.9511, -0.1604, 4.388, -16.638, 12.336],
      mostClearness: 1.2,
    },
    unit: '1',
    source: 'Erbs, Klein & Duffie 1982',
  },
  skyEmissivity: {
    mean: { dry: 0.23, moist: 0.443, cloud: 0.963 },
    unit: '1',
    source: 'Konzelmann et al. 1994',
  },
  stability: { mean: { stable: 10, unstable: 16 }, unit: '1', source: 'Richardson, bulk exchange' },
  windlessExchange: { mean: 2, unit: 'W/m²/K', source: 'Jordan 1991, stable air' },
  sunInSnow: {
    mean: { surfaceShare: 0.36, decayPerM: 60 },
    unit: '1, 1/m',
    source: 'Jordan 1991; Brun 1989',
  },
  snowConductivity: {
    mean: [0.024, -1.23e-4, 2.5e-6],
    unit: 'W/m/K by kg/m³',
    range: [50, 917],
    source: 'Calonne et al. 2011',
  },
  dryGrain: {
    mean: {
      arrheniusK: 6000,
      dendricityPerDay: 2e8,
      sphericityPerDay: 1e9,
      gradientPerDay: 2e8,
      gradientPower: 0.4,
      lowGradientKPerM: 5,
    },
    unit: 'K, 1/day, K/m',
    source: 'Brun et al. 1992, table 1; Vionnet et al. 2012, table 1',
  },
  wetGrainDays: { mean: 16, unit: '%³·day', source: 'Brun et al. 1992' },
  wetGrainGrowth: {
    mean: { mm3PerS: 1.28e-8, mm3PerSPerCube: 4.22e-10 },
    unit: 'mm³/s, by the cube of water in % by mass',
    source: 'Brun 1989; Vionnet et al. 2012',
  },
  freshSnow: {
    mean: {
      dendricity: { most: 1.29, perWind: -0.17, least: 0.2 },
      sphericity: { calm: 0.38, perWind: 0.08, least: 0.5, most: 0.9 },
    },
    unit: '1, s/m',
    source: 'Vionnet et al. 2012, equations 1 and 2',
  },
  albedo: {
    mean: {
      fresh: 0.85,
      least: 0.5,
      coldPerDay: 0.008,
      meltPerDay: 0.24,
      renewingSnowfallMm: 10,
    },
    unit: '1, 1/day, mm of water',
    source: 'Douville et al. 1995',
  },
  wetnessPercent: {
    mean: { moist: 0.05, wet: 3, veryWet: 8, soaked: 15 },
    unit: '% by volume, from',
    source: 'International Classification for Seasonal Snow on the Ground, 2009',
  },
  band80InSd: { mean: 2.5631, unit: 'sd', source: 'Width of the 80 % band of a normal' },
} as const satisfies FigureTable;

export const PHYSICS = valuesOf(CONSTANTS);
