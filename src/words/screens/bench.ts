import * as english from '../en/screens/bench';
import { inEveryTongue, spoken } from '../spoken';

export const benchScreenWords = spoken(english, 'screens/bench');

/** How the note of a step that was taken back ends, in every language in which it may have been written. */
export const takenBackEndings = (): string[] =>
  inEveryTongue(english, 'screens/bench').map((words) => words.runJob.takenBack(''));
