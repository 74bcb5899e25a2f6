import { object } from 'yup';
import { moment, plainText } from '@/formats/schemas/fields';
import { outingFactsSchema, ownCorrectionC } from '@/formats/schemas/outing';
import { pickScreenWords } from '@/words/screens/pick';
import { lazily } from '@/words/lazily';

const WORDS = lazily(pickScreenWords.usePick);

/** What must hold of what is typed on the Pick screen before there is an answer. */
export const draftSchema = outingFactsSchema.concat(
  object({
    startAt: moment(WORDS.start).required(WORDS.startIsMissing),
    handCorrectionC: ownCorrectionC(WORDS.correction).required(WORDS.correctionMissing),
    overrideReason: plainText(WORDS.reason, 300),
    note: plainText(WORDS.note, 500),
  }),
);
