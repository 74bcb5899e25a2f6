export { surfaceFromInfrared } from './infrared';
export { fitSettling } from './settle';
export type { ProbeSample, SettleFit } from './settle';
export { standInInfrared, standInProbe } from './stand-ins';
