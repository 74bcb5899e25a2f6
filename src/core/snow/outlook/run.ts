import { humidityOverIceFraction, stationPressureHPa } from '../../air';
import { DomainError, requireWithin } from '../../errors';
import { MODEL_VERSION } from '../../model-version';
import { randomSource, type RandomSource } from '../../random';
import {
  contactProbe,
  contactTemperature,
  contactWaterPercent,
  growingGrid,
  makeColumns,
  prepareColumnStep,
  stepColumn,
  storedEnergy,
  surfaceFluxInto,
  type ColumnStep,
  type Columns,
  type ContactProbe,
} from '../column';
import { CONTACT_DEPTH_M, WATER_DENSITY } from '../column/constants';
import { bandOf } from './bands';
import { forcingFrom, type Forcing } from './forcing';
import { ageGrainInto, coverWithSnow, workGrains, type Grains } from './grain-step';
import {
  effectiveNumber,
  needsResampling,
  systematicParents,
  weighByReading,
} from './particle-weights';
import { permuteRows, perturbations, type Perturbations } from './perturbations';
import {
  COLD_DARKENING_PER_DAY,
  FALLING_SNOW_DENSITY,
  FRESH_ALBEDO,
  LEAST_ALBEDO,
  MELT_DARKENING_PER_DAY,
  RAIN_ABOVE_C,
  RENEWING_SNOWFALL_MM,
  SURFACES,
} from './surfaces';
import type { ContactReading, Outlook, OutlookInput } from './types';

const DEFAULT_MEMBERS = 400;
export const MOST_MEMBERS = 2000;
const DEFAULT_STEP_S = 300;
const DEFAULT_LAYERS = 20;
const DAY_S = 86_400;
const HOUR_MS = 3_600_000;
/** Sky that is hidden by what keeps the beam off: half as much (house; the diffuse light loses the same). */
const HIDDEN_BY_SHADE = 0.5;
/** Output every 15 min up to three days, hourly beyond. */
const FINE_OUTPUT_S = 900;
const COARSE_OUTPUT_S = 3600;
const FINE_UP_TO_H = 72;
/** A step of a resampled member has its own random part from then on; before, it is its parent. */
const MEASURES = ['surface', 'contact', 'water', 'dendricity', 'sphericity', 'hoar'] as const;
type Measure = (typeof MEASURES)[number];

interface State {
  input: OutlookInput;
  members: number;
  forcing: Forcing;
  random: RandomSource;
  columns: Columns;
  step: ColumnStep;
  densities: Float64Array;
  probe: ContactProbe;
  drawn: Perturbations;
  albedo: Float64Array;
  grains: Grains;
  hoar: Float64Array;
  weights: Float64Array;
  /** The first ancestor of each member: resampled copies are one opinion, not many. */
  ancestors: Uint16Array;
  startEnergy: Float64Array;
  history: Record<Measure, Float32Array>;
  timesMs: number[];
  stride: number;
  readings: ContactReading[];
  nextReading: number;
  nextEvent: number;
  snowMm: number;
  snowLayers: number;
  done: number;
  pressureHPa: number;
}

/** An outlook in the making, so that a worker can report progress and a server stay responsive. */
export interface OutlookRun {
  steps: number;
  done: () => number;
  /** Carries on for up to this many steps; true when all are done. */
  advance: (steps: number) => boolean;
  result: () => Outlook;
}

function startState(input: OutlookInput): State {
  const members = requireWithin('members', input.members ?? DEFAULT_MEMBERS, 1, MOST_MEMBERS);
  const timeStepS = requireWithin('timeStepS', input.timeStepS ?? DEFAULT_STEP_S, 10, 900);
  const forcing = forcingFrom(input.weather, input.site, timeStepS);
  const random = randomSource(input.seed ?? 1);
  const kind = SURFACES[input.surface.kind];
  const density = requireWithin(
    'densityKgPerM3',
    input.surface.densityKgPerM3 ?? kind.densityKgPerM3,
    50,
    917,
  );
  const grid = growingGrid(input.layers ?? DEFAULT_LAYERS);
  const densities = new Float64Array(grid.layers).fill(density);
  const columns = makeColumns(members, grid);
  const drawn = perturbations(members, random);
  const hours = (forcing.steps * timeStepS) / 3600;
  const stride = Math.max(
    1,
    Math.round((hours > FINE_UP_TO_H ? COARSE_OUTPUT_S : FINE_OUTPUT_S) / timeStepS),
  );
  const outputs = Math.floor(forcing.steps / stride) + 1;
  const step = prepareColumnStep(grid, densities, timeStepS);
  const state: State = {
    input,
    members,
    forcing,
    random,
    columns,
    step,
    densities,
    probe: contactProbe(grid),
    drawn,
    albedo: new Float64Array(members),
    grains: {
      dendricity: new Float64Array(members).fill(input.surface.dendricity ?? kind.grain.dendricity),
      sphericity: new Float64Array(members).fill(input.surface.sphericity ?? kind.grain.sphericity),
    },
    hoar: new Float64Array(members),
    weights: new Float64Array(members).fill(1 / members),
    ancestors: Uint16Array.from({ length: members }, (_, m) => m),
    startEnergy: new Float64Array(members),
    history: Object.fromEntries(
      MEASURES.map((measure) => [measure, new Float32Array(outputs * members)]),
    ) as Record<Measure, Float32Array>,
    timesMs: [],
    stride,
    readings: readingsWithin(input, forcing),
    nextReading: 0,
    nextEvent: 0,
    snowMm: 0,
    snowLayers: 0,
    done: 0,
    pressureHPa: stationPressureHPa(input.site.altitudeM),
  };
  startProfiles(state, kind.albedo);
  record(state);
  return state;
}

function readingsWithin({ readings = [] }: OutlookInput, forcing: Forcing): ContactReading[] {
  const endMs = forcing.startMs + forcing.steps * forcing.timeStepS * 1000;
  const sorted = [...readings].sort((a, b) => a.timeMs - b.timeMs);
  for (const reading of sorted) {
    requireWithin('sdC', reading.sdC, 0.05, 20);
    if (reading.timeMs < forcing.startMs || reading.timeMs > endMs) {
      throw new DomainError(
        'outside_weather',
        'readings',
        new Date(reading.timeMs).toISOString(),
        'A reading lies outside the time that the weather covers.',
      );
    }
  }
  return sorted;
}

/** Without a start temperature the snow starts at the mean air of the first day, at most 0 °C (house). */
function startProfiles(state: State, kindAlbedo: number): void {
  const { input, forcing, columns, drawn } = state;
  const firstDay = forcing.airTemperatureC.subarray(0, Math.ceil(DAY_S / forcing.timeStepS));
  const mean = firstDay.reduce((sum, t) => sum + t, 0) / firstDay.length;
  const startC = Math.min(0, input.surface.startTemperatureC ?? mean);
  const { layers } = columns.grid;
  for (let m = 0; m < state.members; m += 1) {
    const t = Math.min(0, startC + drawn.startOffsetK[m]!);
    columns.temperature.fill(t, m * layers, (m + 1) * layers);
    columns.surface[m] = t;
    const albedo = (input.surface.albedo ?? kindAlbedo) + drawn.albedoOffset[m]!;
    state.albedo[m] = Math.min(0.95, Math.max(0.3, albedo));
    state.startEnergy[m] = storedEnergy(columns, m, state.step.conduction.capacity);
  }
}

function record(state: State): void {
  const { columns, probe, history, members } = state;
  const at = state.timesMs.length * members;
  for (let m = 0; m < members; m += 1) {
    history.surface[at + m] = columns.surface[m]!;
    history.contact[at + m] = contactTemperature(columns, m, probe);
    history.water[at + m] = contactWaterPercent(columns, m, probe);
    history.dendricity[at + m] = state.grains.dendricity[m]!;
    history.sphericity[at + m] = state.grains.sphericity[m]!;
    history.hoar[at + m] = state.hoar[m]!;
  }
  state.timesMs.push(state.forcing.startMs + state.done * state.forcing.timeStepS * 1000);
}

/** Snow lies when the forecast is cold enough; the density of the layers it fills goes over to new snow. */
function layNewSnow(state: State, snowfallMm: number): void {
  state.snowMm += snowfallMm;
  const depthM = state.snowMm / FALLING_SNOW_DENSITY;
  const { grid } = state.columns;
  let filled = state.snowLayers;
  while (filled < grid.layers - 1 && grid.centre[filled]! < depthM) {
    state.densities[filled] = FALLING_SNOW_DENSITY;
    filled += 1;
  }
  if (filled === state.snowLayers) return;
  state.snowLayers = filled;
  replaceDensities(state);
}

/** Takes over the densities; the heat of mass that comes or goes with them is booked as brought in. */
function replaceDensities(state: State): void {
  const { columns } = state;
  const before = state.step.conduction.capacity;
  state.step = prepareColumnStep(columns.grid, state.densities, state.forcing.timeStepS);
  const after = state.step.conduction.capacity;
  for (let m = 0; m < state.members; m += 1) {
    const brought = storedEnergy(columns, m, after) - storedEnergy(columns, m, before);
    columns.energyIn[m] = columns.energyIn[m]! + brought;
    columns.energyMoved[m] = columns.energyMoved[m]! + Math.abs(brought);
  }
}

const air = {
  airTemperatureC: 0,
  humidityFraction: 0,
  windMPerS: 0,
  cloudFraction: 0,
  pressureHPa: 0,
  roughnessM: 0,
  hiddenSky: 0,
};
const flux = { intercept: 0, slope: 0, vapourIntercept: 0, vapourSlope: 0 };
const reaching = { intercept: 0, slope: 0, absorbedSun: 0, rain: 0 };
const between = (value: number, low: number, high: number) =>
  value < low ? low : value > high ? high : value;

/** One step of one member. */
function stepMember(state: State, m: number, i: number): void {
  const { forcing, columns, drawn, probe } = state;
  const { now } = drawn;
  const dt = forcing.timeStepS;
  air.airTemperatureC = between(forcing.airTemperatureC[i]! + now[4 * m]!, -80, 50);
  air.humidityFraction = between(forcing.humidityFraction[i]! + now[4 * m + 1]!, 0.05, 1);
  air.cloudFraction = between(forcing.cloudFraction[i]! + now[4 * m + 2]!, 0, 1);
  air.windMPerS = forcing.windMPerS[i]! * Math.exp(now[4 * m + 3]!);
  air.pressureHPa = state.pressureHPa;
  air.roughnessM = drawn.roughnessM[m]!;
  air.hiddenSky = HIDDEN_BY_SHADE * state.input.site.shadeFraction;
  surfaceFluxInto(air, columns.surface[m]!, flux);
  const precipitation = forcing.precipitationMm[i]!;
  const isRain = forcing.airTemperatureC[i]! > RAIN_ABOVE_C;
  const snowfall = isRain ? 0 : precipitation;
  reaching.intercept = flux.intercept;
  reaching.slope = flux.slope;
  reaching.rain = isRain ? precipitation : 0;
  reaching.absorbedSun = (1 - state.albedo[m]!) * sunOnSlope(forcing, i, air.cloudFraction);
  stepColumn(columns, m, state.step, reaching);

  const surfaceC = columns.surface[m]!;
  const vapour = (flux.vapourIntercept - flux.vapourSlope * surfaceC) * dt;
  const hoar = surfaceC < 0 ? state.hoar[m]! + vapour : 0;
  state.hoar[m] = hoar > 0 ? hoar : 0;
  const water = contactWaterPercent(columns, m, probe);
  darken(state, m, snowfall, water > 0, dt / DAY_S);
  const contactC = contactTemperature(columns, m, probe);
  const massPercent = (water * WATER_DENSITY) / state.densities[0]!;
  const gradient = Math.abs(contactC - surfaceC) / CONTACT_DEPTH_M;
  ageGrainInto(state.grains, m, contactC, gradient, massPercent, dt);
  if (snowfall > 0) coverWithSnow(state.grains, m, snowfall, air.windMPerS);
}

function sunOnSlope(forcing: Forcing, i: number, cloud: number): number {
  const clear = forcing.clearSky[i]!;
  if (clear === 0) return 0;
  const measured = forcing.measured[i]!;
  if (measured >= 0) return measured * forcing.slopeRatio[i]!;
  const factor = cloud > 0 ? 1 - 0.75 * Math.exp(3.4 * Math.log(cloud)) : 1;
  return clear * factor * forcing.slopeRatio[i]!;
}

function darken(state: State, m: number, snowfall: number, isWet: boolean, days: number): void {
  const old = state.albedo[m]!;
  const darker = isWet
    ? LEAST_ALBEDO + (old - LEAST_ALBEDO) * Math.exp(-MELT_DARKENING_PER_DAY * days)
    : old - COLD_DARKENING_PER_DAY * days;
  const renewed =
    snowfall > 0
      ? darker + (FRESH_ALBEDO - darker) * Math.min(1, snowfall / RENEWING_SNOWFALL_MM)
      : darker;
  state.albedo[m] = renewed > LEAST_ALBEDO || renewed > old ? renewed : Math.min(old, LEAST_ALBEDO);
}

/** Lets the readings of the step just done weigh the members, and resamples when few are left. */
function assimilate(state: State, untilMs: number): void {
  const { readings, weights, members, columns, probe } = state;
  const values = new Float64Array(members);
  while (state.nextReading < readings.length && readings[state.nextReading]!.timeMs <= untilMs) {
    const reading = readings[state.nextReading]!;
    for (let m = 0; m < members; m += 1) values[m] = contactTemperature(columns, m, probe);
    weighByReading(weights, values, reading.temperatureC, reading.sdC);
    state.nextReading += 1;
    if (needsResampling(weights)) resample(state);
  }
}

function resample(state: State): void {
  const parents = systematicParents(state.weights, state.random);
  const { columns, members } = state;
  const { layers } = columns.grid;
  permuteRows(columns.temperature, parents, layers);
  permuteRows(columns.water, parents, layers);
  for (const one of [
    columns.surface,
    columns.energyIn,
    columns.energyMoved,
    state.albedo,
    state.grains.dendricity,
    state.grains.sphericity,
    state.hoar,
    state.startEnergy,
  ]) {
    permuteRows(one, parents, 1);
  }
  state.drawn.resample(parents, state.random);
  state.ancestors = parents.map((parent) => state.ancestors[parent]!);
  for (const measure of MEASURES) {
    for (let t = 0; t < state.timesMs.length; t += 1) {
      permuteRows(state.history[measure].subarray(t * members, (t + 1) * members), parents, 1);
    }
  }
  state.weights.fill(1 / members);
}

function applyEvents(state: State, untilMs: number): void {
  const events = state.input.events ?? [];
  while (state.nextEvent < events.length && events[state.nextEvent]!.timeMs <= untilMs) {
    const { kind, passes } = events[state.nextEvent]!;
    workGrains(state.grains, kind, passes);
    if (kind === 'grooming' && state.snowLayers > 0) {
      const groomed = SURFACES.groomed.densityKgPerM3;
      state.densities.fill(groomed, 0, state.snowLayers);
      state.snowLayers = 0;
      state.snowMm = 0;
      replaceDensities(state);
    }
    state.nextEvent += 1;
  }
}

function advance(state: State, count: number): boolean {
  const { forcing } = state;
  const until = Math.min(forcing.steps, state.done + count);
  while (state.done < until) {
    const i = state.done;
    state.drawn.moveTo((i + 0.5) * forcing.timeStepS);
    if (forcing.precipitationMm[i]! > 0 && forcing.airTemperatureC[i]! <= RAIN_ABOVE_C) {
      layNewSnow(state, forcing.precipitationMm[i]!);
    }
    for (let m = 0; m < state.members; m += 1) stepMember(state, m, i);
    state.done += 1;
    const nowMs = forcing.startMs + state.done * forcing.timeStepS * 1000;
    applyEvents(state, nowMs);
    if (state.done % state.stride === 0) record(state);
    assimilate(state, nowMs);
  }
  return state.done >= forcing.steps;
}

/** Effective number of the first members that still have a say. */
function effectiveAncestors(state: State): number {
  const byAncestor = new Float64Array(state.members);
  for (let m = 0; m < state.members; m += 1) {
    const ancestor = state.ancestors[m]!;
    byAncestor[ancestor] = byAncestor[ancestor]! + state.weights[m]!;
  }
  return effectiveNumber(byAncestor);
}

function worstResidual(state: State): number {
  const { columns, step } = state;
  let worst = 0;
  for (let m = 0; m < state.members; m += 1) {
    const gained = storedEnergy(columns, m, step.conduction.capacity) - state.startEnergy[m]!;
    const moved = Math.max(1, columns.energyMoved[m]!);
    worst = Math.max(worst, Math.abs(gained - columns.energyIn[m]!) / moved);
  }
  return worst;
}

function humidityAt(state: State, timeMs: number): number {
  const { forcing } = state;
  const i = Math.floor((timeMs - forcing.startMs) / (forcing.timeStepS * 1000));
  const k = Math.min(forcing.steps - 1, Math.max(0, i));
  return humidityOverIceFraction(
    forcing.airTemperatureC[k]!,
    Math.min(1, forcing.humidityFraction[k]!),
  );
}

function summarise(state: State): Outlook {
  const { history, members, weights, timesMs } = state;
  const band = (rows: Float32Array) => bandOf(rows, members, weights);
  const sharp = history.dendricity.map((d, k) => d + 0.5 * (1 - d) * (1 - history.sphericity[k]!));
  return {
    timesMs,
    surfaceTemperatureC: band(history.surface),
    contactTemperatureC: band(history.contact),
    liquidWaterPercent: band(history.water),
    sharpness: band(sharp),
    dendricity: band(history.dendricity),
    sphericity: band(history.sphericity),
    hoarKgPerM2: band(history.hoar),
    humidityOverIceFraction: timesMs.map((timeMs) => humidityAt(state, timeMs)),
    effectiveMembers: effectiveAncestors(state),
    energyResidualRelative: worstResidual(state),
    modelVersion: MODEL_VERSION,
  };
}

/**
 * Prepares an outlook: an ensemble of snow columns under perturbed weather, weighed by readings as they
 * come (a particle filter; house spreads in surfaces.ts). The same seed gives the same figures.
 * 1…2000 members; weather of at least two samples without a gap over three hours; readings within its
 * time, otherwise DomainError.
 */
export function outlookRun(input: OutlookInput): OutlookRun {
  const state = startState(input);
  return {
    steps: state.forcing.steps,
    done: () => state.done,
    advance: (steps) => advance(state, steps),
    result: () => summarise(state),
  };
}

/** The whole outlook at once; see {@link outlookRun}. */
export function outlook(input: OutlookInput): Outlook {
  const run = outlookRun(input);
  run.advance(run.steps);
  return run.result();
}

/** Hours that the weather covers. */
export const weatherHours = (weather: OutlookInput['weather']): number =>
  weather.length < 2 ? 0 : (weather.at(-1)!.timeMs - weather[0]!.timeMs) / HOUR_MS;
