import type { AnyFinding, Said } from '../core/finding';
import type { Writer } from './write';

/**
 * The words of every code of a domain: a sentence, or a function of the finding's figures. A code without
 * words does not compile.
 */
export type WordsFor<F extends AnyFinding> = {
  readonly [Code in F['code']]:
    string | ((finding: Extract<F, { code: Code }>, write: Writer) => string);
};

/** A finding in words. */
export function say<F extends AnyFinding>(words: WordsFor<F>, finding: F, write: Writer): string {
  const entry = words[finding.code as F['code']] as
    string | ((finding: F, write: Writer) => string);
  return typeof entry === 'string' ? entry : entry(finding, write);
}

/** A finding with its code, gravity and figures beside the words: as answers carry it and rows keep it. */
export function rendered<F extends AnyFinding>(
  words: WordsFor<F>,
  finding: F,
  write: Writer,
): Said {
  const { code, gravity = 'note', ...parameters } = finding as F & Record<string, unknown>;
  return { code, gravity, parameters, message: say(words, finding, write) };
}
