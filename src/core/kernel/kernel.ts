import { stepMembers, type Ensemble } from './member-step';

/** An ensemble ready to be carried on. */
export interface Kernel {
  /** Carries all members through step `i` of the weather. */
  step: (i: number) => void;
}

export const kernelFor = (ensemble: Ensemble): Kernel => ({
  step: (i) => stepMembers(ensemble, i),
});
