export { measureGrains, type FoundGrain, type GrainSizes } from './measure';
export type { GreyPicture } from './light';
