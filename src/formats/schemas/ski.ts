import { object } from 'yup';
import { FINDING_FIELDS, SKI_EVENT_FIELDS, SKI_FIELDS } from '../../core/model';
import type { Finding, Ski, SkiEvent } from '../../core/ski';
import { fieldsWords } from '../../words/areas/fields';
import { formatsScreenWords } from '../../words/screens/formats';
import { moment } from './fields';
import { fallbacksOf, schemaFrom, withRule } from './from-fields';
import { lazily } from '../../words/lazily';

const FIELDS = lazily(fieldsWords);

const WORDS = lazily(formatsScreenWords.schemas);

/** A pair or board of the rack; see Ski in the core. */
export const skiSchema = schemaFrom<Ski>(SKI_FIELDS, fieldsWords.SKI).typeError(WORDS.skiNotObject);

/** What a ski is taken for where nobody said more. */
export const SKI_DEFAULTS = fallbacksOf(SKI_FIELDS);

/** Something seen at a place of the base. */
export const findingSchema = schemaFrom<Finding & { skiId: string }>(
  FINDING_FIELDS,
  fieldsWords.FINDING,
);

/** An event as a person writes it down. */
export const skiEventSchema = withRule(
  schemaFrom<Omit<SkiEvent, 'atMs'> & { skiId: string }>(
    SKI_EVENT_FIELDS,
    fieldsWords.SKI_EVENT,
  ).concat(object({ at: moment(FIELDS.SKI_EVENT.atMs.name) })),
  'km',
  ({ kind, km }) =>
    kind === 'kilometres' && km === undefined ? WORDS.sayHowManyKilometres : undefined,
);
