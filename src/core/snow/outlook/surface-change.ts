import { prepareColumnStep, storedEnergy } from '../column';
import { workGrains } from './worked-grains';
import type { State } from './state';
import { breakCrusts } from './surface-memory';
import { SNOW } from '../figures';

/** New snow lies on top; the density of the layers it fills goes over to new snow. */
export function layNewSnow(state: State, snowfallMm: number): void {
  state.snowMm += snowfallMm;
  const depthM = state.snowMm / SNOW.fallingDensityKgPerM3;
  const { grid } = state.columns;
  let filled = state.snowLayers;
  while (filled < grid.layers - 1 && grid.centre[filled]! < depthM) {
    state.densities[filled] = SNOW.fallingDensityKgPerM3;
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

/** Grooming and traffic up to an instant; a groomer presses new snow to groomed. */
export function applyEvents(state: State, untilMs: number): void {
  const { events } = state;
  while (state.nextEvent < events.length && events[state.nextEvent]!.timeMs <= untilMs) {
    const { kind, passes } = events[state.nextEvent]!;
    workGrains(state.grains, kind, passes ?? SNOW.usualPasses[kind]);
    state.hoar.fill(0);
    if (kind === 'groomed') pressSnow(state);
    state.nextEvent += 1;
  }
}

function pressSnow(state: State): void {
  breakCrusts(state.past);
  state.snowMm = 0;
  state.snowLayers = 0;
  const { densityKgPerM3 } = SNOW.surfaces.groomed;
  const { centre } = state.columns.grid;
  const isLoose = (density: number, layer: number) =>
    centre[layer]! < SNOW.groomedDepthM && density < densityKgPerM3;
  if (!state.densities.some(isLoose)) return;
  state.densities.forEach((density, layer) => {
    if (isLoose(density, layer)) state.densities[layer] = densityKgPerM3;
  });
  replaceDensities(state);
}
