export { LEARN, LEARN_FIGURES } from './figures';
export { learn, learnedAt, offsetSdC, type Learned } from './learn';
export { FEELS, GLIDES } from './types';
export type { Feel, Glide, LearnResult, ResultDay, TestedWax } from './types';
export { choiceSnowSdC, resultOfOutcome, resultOfTest, waxesOf } from './results';
