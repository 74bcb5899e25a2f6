export { PAST, PAST_FIGURES } from './figures';
export { daysLike, LIKENESS_PARTS, likeness } from './likeness';
export type { ComparedDay, Likeness, LikenessPart } from './likeness';
