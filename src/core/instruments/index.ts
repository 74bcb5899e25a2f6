export { readGates } from './gates';
export type { GatedRun, GateNote, Pulse } from './gates';
export { surfaceFromInfrared } from './infrared';
export { fitSettling } from './settle';
export type { ProbeSample, SettleFit } from './settle';
export { standInInfrared, standInProbe } from './stand-ins';
export { UNREAD, withSample, type ProbeReading } from './probe-reading';
