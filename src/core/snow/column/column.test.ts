import { describe, expect, it } from 'vitest';
import reference from '../../../../tests/reference/snow-conduction.json';
import { DomainError } from '../../errors';
import { randomSource } from '../../random';
import {
  contactTemperature,
  neutralExchange,
  skyLongWave,
  stabilityFactor,
  stepColumn,
  surfaceFluxInto,
  type ColumnStep,
} from '../../kernel';
import {
  contactProbe,
  growingGrid,
  makeColumns,
  prepareColumnStep,
  snowConductivity,
  storedEnergy,
  type Columns,
  type Grid,
} from '.';
import { PHYSICS } from '../../constants';

const DENSITY = 400;
/** A slope so steep that the surface is held at a temperature. */
const HELD = 1e9;
const holdAt = (temperatureC: number) => ({
  intercept: HELD * temperatureC,
  slope: HELD,
  absorbedSun: 0,
  rain: 0,
});

function oneColumn(grid: Grid, timeStepS: number, startC: number, density = DENSITY) {
  const columns = makeColumns(1, grid);
  columns.temperature.fill(startC);
  columns.surface.fill(startC);
  const step = prepareColumnStep(grid, new Float64Array(grid.layers).fill(density), timeStepS);
  return { columns, step };
}

function temperatureAt({ grid, temperature }: Columns, depthM: number): number {
  const below = grid.centre.findIndex((centre) => centre >= depthM);
  const [z0, z1] = [grid.centre[below - 1]!, grid.centre[below]!];
  const share = (depthM - z0) / (z1 - z0);
  return temperature[below - 1]! * (1 - share) + temperature[below]! * share;
}

/** Largest error against the exact step response, K. */
function stepError(layers: number, firstM: number, timeStepS: number): number {
  const grid = growingGrid(layers, firstM, 1.2);
  const { columns, step } = oneColumn(grid, timeStepS, -2);
  let worst = 0;
  let elapsed = 0;
  for (const { z_m, t_s, T } of reference.step) {
    while (elapsed < t_s) {
      stepColumn(columns, 0, step, holdAt(-10));
      elapsed += timeStepS;
    }
    worst = Math.max(worst, Math.abs(temperatureAt(columns, z_m) - T));
  }
  return worst;
}

describe('conduction', () => {
  it('has the published conductivity', () => {
    expect(snowConductivity(DENSITY)).toBeCloseTo(reference.conductivity, 12);
    expect(() => snowConductivity(1000)).toThrow(DomainError);
  });

  it('follows the exact response to a step of the surface within 0.03 °C on a fine grid', () => {
    expect(stepError(160, 0.001, 10)).toBeLessThan(0.03);
  });

  it('converges: finer layers and shorter steps come closer each time', () => {
    const errors = [stepError(20, 0.004, 300), stepError(40, 0.003, 100), stepError(80, 0.002, 30)];
    expect(errors[1]).toBeLessThan(errors[0]! * 0.6);
    expect(errors[2]).toBeLessThan(errors[1]! * 0.6);
  });

  it('damps and delays a daily wave as the exact solution', () => {
    const { columns, step } = oneColumn(growingGrid(120, 0.002, 1.5), 60, -10);
    const waves = reference.periodic.cases.map((one) => ({ ...one, high: -99, low: 99, at: 0 }));
    const lastDay = 5 * 1440;
    for (let n = 1; n <= lastDay + 1440; n += 1) {
      stepColumn(columns, 0, step, holdAt(-10 + 5 * Math.sin((2 * Math.PI * n) / 1440)));
      if (n <= lastDay) continue;
      for (const wave of waves) {
        const t = temperatureAt(columns, wave.z_m);
        wave.low = Math.min(wave.low, t);
        if (t > wave.high) Object.assign(wave, { high: t, at: (n - lastDay) * 60 });
      }
    }
    for (const wave of waves) {
      expect((wave.high - wave.low) / 10).toBeCloseTo(wave.amplitude_ratio, 2);
      expect(Math.abs(wave.at - 21_600 - wave.lag_s)).toBeLessThan(400);
    }
  });

  it.each(reference.refreeze)(
    'refreezes $mass_fraction of water to $front_m m after $t_s s',
    ({ mass_fraction, surface_C, t_s, front_m }) => {
      const grid = growingGrid(200, 0.001, 0.2);
      const { columns, step } = oneColumn(grid, 2, 0);
      for (let i = 0; i < grid.layers; i += 1) {
        columns.water[i] = mass_fraction * DENSITY * grid.thickness[i]!;
      }
      columns.totalWater[0] = columns.water.reduce((sum, w) => sum + w);
      for (let n = 0; n < t_s / 2; n += 1) stepColumn(columns, 0, step, holdAt(surface_C));
      const front = frozenDepth(columns, mass_fraction);
      expect(front / front_m).toBeGreaterThan(0.97);
      expect(front / front_m).toBeLessThan(1.03);
    },
  );
});

/** Depth of the column that has frozen, counting the layer in between by its share. */
function frozenDepth({ grid, water }: Columns, massFraction: number): number {
  let depth = 0;
  for (let i = 0; i < grid.layers; i += 1) {
    const full = massFraction * DENSITY * grid.thickness[i]!;
    depth += grid.thickness[i]! * (1 - water[i]! / full);
  }
  return depth;
}

describe('the surface', () => {
  const flux = { intercept: 0, slope: 0, vapourIntercept: 0, vapourSlope: 0 };
  const night = {
    airTemperatureC: -5,
    humidityFraction: 0.6,
    windMPerS: 0.5,
    cloudFraction: 0,
    pressureHPa: 920,
    neutralExchange: neutralExchange(1e-3),
    hiddenSky: 0,
  };
  const settle = (air: typeof night): number => {
    const { columns, step } = oneColumn(growingGrid(), 300, air.airTemperatureC, 550);
    // Six hours on machine-made snow.
    for (let n = 0; n < 72; n += 1) {
      surfaceFluxInto(air, columns.surface[0]!, flux);
      stepColumn(columns, 0, step, { ...flux, absorbedSun: 0, rain: 0 });
    }
    return columns.surface[0]!;
  };

  it('falls several degrees below the air in a calm clear night, and stays near it under cloud', () => {
    const clear = settle(night) - night.airTemperatureC;
    expect(clear).toBeGreaterThan(-10);
    expect(clear).toBeLessThan(-7);
    expect(Math.abs(settle({ ...night, cloudFraction: 1 }) - night.airTemperatureC)).toBeLessThan(
      1.5,
    );
    expect(settle({ ...night, hiddenSky: 0.5 }) - night.airTemperatureC).toBeGreaterThan(clear + 2);
    expect(settle({ ...night, windMPerS: 5 }) - night.airTemperatureC).toBeGreaterThan(clear);
  });

  it('has the sky’s long wave between a clear and a closed sky', () => {
    const clear = skyLongWave(-5, 2.5, 0);
    const closed = skyLongWave(-5, 2.5, 1);
    expect(closed).toBeCloseTo(0.963 * 5.670374e-8 * 268.15 ** 4, 6);
    expect(clear).toBeLessThan(0.75 * closed);
    expect(skyLongWave(-5, 2.5, 0.5)).toBeGreaterThan(clear);
    expect(stabilityFactor(0)).toBe(1);
    expect(stabilityFactor(0.1)).toBeCloseTo(0.5, 12);
    expect(stabilityFactor(-1)).toBeCloseTo(Math.sqrt(17), 12);
  });

  it('gives a tangent: near the point of linearisation the line is the flux', () => {
    surfaceFluxInto(night, -9, flux);
    const line = { ...flux };
    surfaceFluxInto(night, -9.01, flux);
    const moved = flux.intercept - flux.slope * -9.01;
    const onLine = line.intercept - line.slope * -9.01;
    // The exchange itself changes with stability; the line leaves that second-order term out.
    expect(Math.abs(moved - onLine)).toBeLessThan(0.02);
  });
});

describe('energy', () => {
  it('closes to 1e-6 over 72 h of sun, rain, melt, drainage and refreezing', () => {
    const { columns, step } = oneColumn(growingGrid(), 300, -6);
    const before = storedEnergy(columns, 0, step.conduction.capacity);
    const random = randomSource(3);
    const flux = { intercept: 0, slope: 0, vapourIntercept: 0, vapourSlope: 0 };
    let wettest = 0;
    for (let n = 0; n < 864; n += 1) {
      const day = Math.max(0, Math.sin((2 * Math.PI * n) / 288));
      surfaceFluxInto(
        {
          airTemperatureC: 4 * day - 2 + random.normal(),
          humidityFraction: 0.7,
          windMPerS: 2,
          cloudFraction: 0.3,
          pressureHPa: 930,
          neutralExchange: neutralExchange(1e-3),
          hiddenSky: 0,
        },
        columns.surface[0]!,
        flux,
      );
      const rain = n % 200 === 0 ? 0.5 : 0;
      stepColumn(columns, 0, step, { ...flux, absorbedSun: 250 * day, rain });
      wettest = Math.max(wettest, columns.water[0]!);
      expect(Math.max(...columns.temperature)).toBeLessThanOrEqual(0);
    }
    const gained = storedEnergy(columns, 0, step.conduction.capacity) - before;
    expect(wettest).toBeGreaterThan(0.05);
    expect(columns.temperature.some((t) => t < 0)).toBe(true);
    expect(Math.abs(gained - columns.energyIn[0]!) / columns.energyMoved[0]!).toBeLessThan(1e-6);
  });

  it('books a melt of exactly what the surplus pays for', () => {
    const { columns, step } = oneColumn(growingGrid(), 300, 0);
    stepColumn(columns, 0, step, { intercept: 200, slope: 10, absorbedSun: 0, rain: 0 });
    const water = columns.water.reduce((sum, w) => sum + w, 0);
    expect(water * PHYSICS.fusionHeat).toBeCloseTo(200 * 300, 6);
  });
});

describe('the grid', () => {
  it('grows from 4 mm to 0.6 m in 20 layers and finds 1.5 cm in it', () => {
    const grid = growingGrid();
    expect(grid.thickness[0]).toBeCloseTo(0.004, 12);
    expect(grid.thickness.reduce((a, b) => a + b)).toBeCloseTo(0.6, 9);
    const columns = makeColumns(1, grid);
    grid.centre.forEach((z, i) => (columns.temperature[i] = -100 * z));
    expect(contactTemperature(columns, 0, contactProbe(grid))).toBeCloseTo(-1.5, 9);
    expect(() => growingGrid(20, 0.1, 0.6)).toThrow(DomainError);
  });

  it('shares sunlight out completely', () => {
    const step: ColumnStep = prepareColumnStep(
      growingGrid(),
      new Float64Array(20).fill(DENSITY),
      300,
    );
    expect(step.sunShare.reduce((a, b) => a + b)).toBeCloseTo(1, 12);
  });
});
