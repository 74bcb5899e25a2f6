export { randomSource } from './generator';
export type { RandomSource } from './generator';
