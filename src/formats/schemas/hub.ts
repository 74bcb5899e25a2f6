import { boolean, object, string } from 'yup';
import { formatsScreenWords } from '../../words/screens/formats';
import { plainText } from './fields';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);
const MOST_URL = 300;
const TOKEN = /^[\w-]{20,100}$/;

function isAddress(text: string | undefined): boolean {
  try {
    return ['http:', 'https:'].includes(new URL(text ?? '').protocol);
  } catch {
    return false;
  }
}

/** Where the hub of a federation is, and the token that it gave this cabin. */
export const hubSchema = object({
  url: plainText(WORDS.hubAddress, MOST_URL)
    .required(WORDS.hubAddressIsMissing)
    .test('address', WORDS.hubAddressIsNone, isAddress),
  token: string().required(WORDS.hubTokenIsMissing).matches(TOKEN, WORDS.hubTokenIsNone),
});

/** Whether what another cabin removed goes here too. */
export const removalsSchema = object({
  cabin: string().max(MOST_URL).required(),
  isAgreed: boolean().strict().required(),
});
