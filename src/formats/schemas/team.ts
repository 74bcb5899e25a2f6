import { object } from 'yup';
import { METHOD_GROUPS } from '../../core/choice';
import { methodsWords } from '../../words/areas/methods';
import { formatsScreenWords } from '../../words/screens/formats';
import { BASE_TYPES, TOOLS } from '../../core/terms';
import { list } from './list';
import { oneOfWords, yesNo } from './fields';
import { lazily } from '../../words/lazily';

const WORDS = lazily(formatsScreenWords.schemas);

const methods = Object.fromEntries(
  METHOD_GROUPS.map((group) => [
    group.key,
    oneOfWords(methodsWords.METHOD_TITLE[group.key], group.options),
  ]),
);

const toolList = () =>
  list(oneOfWords(WORDS.tool, TOOLS).required())
    .typeError(WORDS.toolsNotList)
    .max(TOOLS.length, WORDS.eachToolOnce);

/** A change of single settings of the team; what is not named stays as it is. */
export const teamChangeSchema = object({
  methods: object(methods).noUnknown(WORDS.aMethodIsNotKnown).default(undefined),
  ventilated: yesNo(WORDS.ventilated),
  tools: object({ added: toolList(), removed: toolList() }).default(undefined),
  baseType: oneOfWords(WORDS.base, BASE_TYPES),
})
  .noUnknown(WORDS.aSettingIsNotKnown)
  .typeError(WORDS.settingsMustBeAnObject);
