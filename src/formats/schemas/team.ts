import { array, object } from 'yup';
import { METHOD_GROUPS } from '../../core/choice';
import { BASE_TYPES, TOOLS } from '../../core/terms';
import { oneOfWords, yesNo } from './fields';
import { ownIronSchema } from './iron';

const methods = Object.fromEntries(
  METHOD_GROUPS.map((group) => [
    group.key,
    oneOfWords(
      group.title,
      group.options.map((one) => one.key),
    ),
  ]),
);

/** What the team's bench is like and how it works; all of it optional. */
export const teamSettingsSchema = object({
  methods: object(methods).noUnknown('A method is not known.').default(undefined),
  ventilated: yesNo('Ventilated'),
  tools: array(oneOfWords('Tool', TOOLS).required()).typeError('Tools must be a list.').max(20),
  baseType: oneOfWords('Base', BASE_TYPES),
  irons: array(ownIronSchema.required())
    .typeError('Irons must be a list.')
    .max(12, 'Up to 12 irons.'),
}).typeError('Settings must be an object.');
