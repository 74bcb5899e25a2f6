import type { DomainError } from '../../core/errors';
import { DEFAULT_UNITS, type Units } from '../units';
import { mistakesWords } from '../areas/mistakes';
import { say } from '../say';
import { writerFor } from '../write';

/** A caller's mistake in words. */
export const mistakeWords = (
  { mistake }: Pick<DomainError, 'mistake'>,
  units: Units = DEFAULT_UNITS,
): string => say(mistakesWords.MISTAKE, mistake, writerFor(units));

/** Why a computation gave no answer: `mistake` for a caller's, else how it failed. */
type Failure = { code: 'mistake'; mistake: DomainError['mistake'] } | { code: NoAnswer };
type NoAnswer = keyof typeof mistakesWords.NO_ANSWER;

/** Why a computation gave no answer, in words. */
export const failureWords = (failure: Failure, units: Units): string =>
  failure.code === 'mistake' ? mistakeWords(failure, units) : mistakesWords.NO_ANSWER[failure.code];
