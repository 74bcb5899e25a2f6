export {
  contactProbe,
  contactTemperature,
  contactWaterPercent,
  makeColumns,
  prepareColumnStep,
  stepColumn,
  storedEnergy,
} from './column';
export type { ColumnStep, Columns, ContactProbe, SurfaceForcing } from './column';
export { growingGrid, snowConductivity } from './grid';
export type { Grid } from './grid';
export { neutralExchange, skyLongWave, stabilityFactor, surfaceFluxInto } from './surface-flux';
export type { AirForcing, LinearFlux } from './surface-flux';
