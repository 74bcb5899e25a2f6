import { object } from 'yup';
import { METHOD_GROUPS } from '../../core/choice';
import { BASE_TYPES, TOOLS } from '../../core/terms';
import { list } from './list';
import { oneOfWords, yesNo } from './fields';

const methods = Object.fromEntries(
  METHOD_GROUPS.map((group) => [
    group.key,
    oneOfWords(
      group.title,
      group.options.map((one) => one.key),
    ),
  ]),
);

const toolList = () =>
  list(oneOfWords('Tool', TOOLS).required())
    .typeError('Tools must be a list.')
    .max(TOOLS.length, 'Each tool once.');

/** A change of single settings of the team; what is not named stays as it is. */
export const teamChangeSchema = object({
  methods: object(methods).noUnknown('A method is not known.').default(undefined),
  ventilated: yesNo('Ventilated'),
  tools: object({ added: toolList(), removed: toolList() }).default(undefined),
  baseType: oneOfWords('Base', BASE_TYPES),
})
  .noUnknown('A setting is not known.')
  .typeError('Settings must be an object.');
