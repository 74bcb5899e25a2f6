import { object } from 'yup';
import { PROGRAMMES } from '../../core/bench';
import { boundedNumber, moment, oneOfWords, plainText, yesNo } from './fields';
import { list } from './list';
import { formatsScreenWords } from '../../words/screens/formats';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

/** Which sheet to build: for a ski on an outing, with programmes as a person set them. */
export const sheetRequestSchema = object({
  outingId: plainText(WORDS.outing, 64).required(WORDS.outingMissing),
  skiId: plainText(WORDS.ski, 64).required(WORDS.chooseASki),
  programmes: list(oneOfWords(WORDS.programme, PROGRAMMES).required())
    .typeError(WORDS.programmesNotList)
    .max(PROGRAMMES.length, WORDS.eachProgrammeOnce),
  leaveOut: list(oneOfWords(WORDS.programme, PROGRAMMES).required())
    .typeError(WORDS.programmesNotList)
    .max(PROGRAMMES.length, WORDS.eachProgrammeOnce),
  mostCoats: boundedNumber(WORDS.mostCoats, { low: 1, high: 10, unit: '' }),
  isLiquid: yesNo(WORDS.liquidInstead),
  roomC: boundedNumber(WORDS.room, { low: -15, high: 35, unit: '°C' }),
});

/** A move of the runner. `position` is where the person saw the job: a second device may be ahead. */
export const runSchema = object({
  jobId: plainText(WORDS.job, 64).required(WORDS.jobIsMissing),
  position: boundedNumber(WORDS.position, { low: 0, high: 500, unit: '' })
    .integer()
    .required(WORDS.positionIsMissing),
  move: oneOfWords(WORDS.move, ['next', 'back', 'skip'] as const).required(WORDS.moveIsMissing),
  reason: plainText(WORDS.reason, 200),
  setC: boundedNumber(WORDS.setTemperature, { low: 40, high: 220, unit: '°C' }),
  grams: boundedNumber(WORDS.amount, { low: 0, high: 500, unit: 'g' }),
  /** When it was made, by a device that was out of reach. */
  at: moment(WORDS.timeOfMove),
});
