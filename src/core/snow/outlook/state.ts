import { stationPressureHPa } from '../../air';
import { DAY_S, HOUR_S } from '../../units/constants';
import { DomainError, requireIn } from '../../errors';
import { randomSource, type RandomSource } from '../../random';
import type { Ensemble } from '../../kernel';
import { contactProbe, growingGrid, makeColumns, prepareColumnStep, storedEnergy } from '../column';
import type { Columns } from '../column';
import { forcingFrom, type Forcing } from './forcing';
import { perturbations, type Perturbations } from './perturbations';
import { SNOW, SNOW_LIMITS } from '../figures';
import type { ContactReading, OutlookInput, SurfaceEvent } from './types';
import { surfacePast } from './surface-memory';
import { modelErrors, type ModelErrors } from './model-error';

export const MOST_MEMBERS = SNOW_LIMITS.members.range[1];
const [LEAST_ALBEDO, MOST_ALBEDO] = SNOW.albedoRange;
/** What is kept of every member at every output time. */
export const MEASURES = [
  'surface',
  'contact',
  'water',
  'dendricity',
  'sphericity',
  'grainMm',
  'hoar',
  'humidity',
  'hoursSinceWet',
  'error',
  'crust',
] as const;
export type Measure = (typeof MEASURES)[number];

/** An ensemble under way: everything that a step, a reading or the summary needs. */
export interface State extends Ensemble {
  input: OutlookInput;
  forcing: Forcing;
  random: RandomSource;
  columns: Columns;
  drawn: Perturbations;
  errors: ModelErrors;
  /** Other spots that were measured, each with an error of its own. */
  otherSpots: string[];
  /** How far off the last reading was that the weather does not explain, K. */
  surpriseK?: number;
  weights: Float64Array;
  /** The first ancestor of each member: resampled copies are one opinion, not many. */
  ancestors: Uint16Array;
  startEnergy: Float64Array;
  history: Record<Measure, Float32Array>;
  timesMs: number[];
  stride: number;
  readings: ContactReading[];
  events: readonly SurfaceEvent[];
  /** Of the uppermost layer at each output time, kg/m³. */
  densityAt: number[];
  nextReading: number;
  nextEvent: number;
  snowMm: number;
  snowLayers: number;
  done: number;
}

/** The ensemble at the first moment of the weather. */
export function startState(input: OutlookInput): State {
  const members = requireIn('members', input.members ?? SNOW.members, SNOW_LIMITS.members);
  const timeStepS = requireIn(
    'timeStepS',
    input.timeStepS ?? SNOW.timeStepS,
    SNOW_LIMITS.timeStepS,
  );
  const forcing = forcingFrom(input.weather, input.site, timeStepS);
  const random = randomSource(input.seed ?? 1);
  const kind = SNOW.surfaces[input.surface.kind];
  const density = requireIn(
    'densityKgPerM3',
    input.surface.densityKgPerM3 ?? kind.densityKgPerM3,
    SNOW_LIMITS.densityKgPerM3,
  );
  const grid = growingGrid(input.layers);
  const densities = new Float64Array(grid.layers).fill(density);
  const columns = makeColumns(members, grid);
  const drawn = perturbations(members, random);
  const hours = (forcing.steps * timeStepS) / HOUR_S;
  const stride = Math.max(
    1,
    Math.round((hours > SNOW.fineUpToH ? SNOW.coarseOutputS : SNOW.fineOutputS) / timeStepS),
  );
  const outputs = Math.floor(forcing.steps / stride) + 1;
  const step = prepareColumnStep(grid, densities, timeStepS);
  const readings = readingsWithin(input, forcing);
  const otherSpots = [...new Set(readings.flatMap(({ elsewhere }) => elsewhere ?? []))];
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
      sizeMm: new Float64Array(members).fill(kind.grainMm),
    },
    hoar: new Float64Array(members),
    past: surfacePast(members),
    errors: modelErrors(members, {
      others: otherSpots.length,
      timeMs: forcing.startMs,
      random,
    }),
    otherSpots,
    weights: new Float64Array(members).fill(1 / members),
    ancestors: Uint16Array.from({ length: members }, (_, m) => m),
    startEnergy: new Float64Array(members),
    history: Object.fromEntries(
      MEASURES.map((measure) => [measure, new Float32Array(outputs * members)]),
    ) as Record<Measure, Float32Array>,
    timesMs: [],
    stride,
    readings,
    events: [...(input.events ?? [])]
      .filter(({ timeMs }) => timeMs >= forcing.startMs)
      .sort((a, b) => a.timeMs - b.timeMs),
    densityAt: [],
    nextReading: 0,
    nextEvent: 0,
    snowMm: 0,
    snowLayers: 0,
    done: 0,
    pressureHPa: stationPressureHPa(input.site.altitudeM),
    hiddenSky: SNOW.hiddenByShade * input.site.shadeFraction,
  };
  startProfiles(state, kind.albedo);
  return state;
}

/** Readings in order of time; what was read after the last whole step counts at its end. */
function readingsWithin(
  { readings = [], weather }: OutlookInput,
  forcing: Forcing,
): ContactReading[] {
  const endMs = forcing.startMs + forcing.steps * forcing.timeStepS * 1000;
  const sorted = [...readings].sort((a, b) => a.timeMs - b.timeMs);
  for (const reading of sorted) {
    requireIn('sdC', reading.sdC, SNOW_LIMITS.readingSdC);
    if (reading.timeMs < forcing.startMs || reading.timeMs > weather.at(-1)!.timeMs) {
      const time = new Date(reading.timeMs).toISOString();
      throw new DomainError({ code: 'outside_weather', time }, 'readings', time);
    }
  }
  return sorted.map((one) => (one.timeMs > endMs ? { ...one, timeMs: endMs } : one));
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
    state.albedo[m] = Math.min(MOST_ALBEDO, Math.max(LEAST_ALBEDO, albedo));
    state.startEnergy[m] = storedEnergy(columns, m, state.step.conduction.capacity);
  }
}
