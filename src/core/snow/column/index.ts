export { contactProbe, makeColumns, prepareColumnStep, storedEnergy } from './column';
export type { Columns } from './column';
export { growingGrid, snowConductivity } from './grid';
export type { Grid } from './grid';
