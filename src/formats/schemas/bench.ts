import { object } from 'yup';
import { PROGRAMMES } from '../../core/bench';
import { boundedNumber, oneOfWords, plainText } from './fields';
import { list } from './list';

/** Which sheet to build: for a ski on an outing, with programmes as a person set them. */
export const sheetRequestSchema = object({
  outingId: plainText('Outing', 64).required('Outing is missing.'),
  skiId: plainText('Ski', 64).required('Choose a ski.'),
  programmes: list(oneOfWords('Programme', PROGRAMMES).required())
    .typeError('programmes must be a list.')
    .max(PROGRAMMES.length, 'Each programme once.'),
  roomC: boundedNumber('Room', -15, 35, '°C'),
});

/** A move of the runner. `position` is where the person saw the job: a second device may be ahead. */
export const runSchema = object({
  jobId: plainText('Job', 64).required('Job is missing.'),
  position: boundedNumber('Position', 0, 500, '').integer().required('Position is missing.'),
  move: oneOfWords('Move', ['next', 'back', 'skip'] as const).required('Move is missing.'),
  reason: plainText('Reason', 200),
  setC: boundedNumber('Set temperature', 40, 220, '°C'),
  grams: boundedNumber('Amount', 0, 500, 'g'),
});
