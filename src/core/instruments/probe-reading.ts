import { fitSettling, type ProbeSample, type SettleFit } from './settle';

/** What a probe read so far, and where it is going. */
export interface ProbeReading {
  samples: readonly ProbeSample[];
  fit: SettleFit | undefined;
}

export const UNREAD: ProbeReading = { samples: [], fit: undefined };

/**
 * A reading with one more sample. Once it has settled it stays so: noise unsettles the fit of one reading in ten again
 * for a moment, and the last one that stood is as good then as it was. NaN in a sample: DomainError.
 */
export function withSample({ samples, fit }: ProbeReading, sample: ProbeSample): ProbeReading {
  const all = [...samples, sample];
  const now = fitSettling(all);
  return { samples: all, fit: fit?.isSettled && !now?.isSettled ? fit : now };
}
