export { readGates } from './gates';
export type { GatedRun, GateNote, Pulse } from './gates';
export { surfaceFromInfrared } from './infrared';
export { fitSettling } from './settle';
export type { ProbeSample, SettleFit } from './settle';
export { standInInfrared, standInProbe } from './stand-ins';
