import { object } from 'yup';
import { SKIER_FIELDS, STARTER_FIELDS, type Skier, type Starter } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { plainText } from './fields';
import { schemaFrom } from './from-fields';
import { MOST } from './ids';
import { lazily } from '../../words/lazily';

const FIELDS = lazily(fieldsWords);

/** A skier as a person enters one. */
export const skierSchema = schemaFrom<Omit<Skier, 'id'>>(SKIER_FIELDS, fieldsWords.SKIER);

/** Somebody put on an outing: one who is on the list, by id, or a new one. */
export const newStarterSchema = object({
  outingId: plainText(FIELDS.STARTER.outingId.name, MOST).required(FIELDS.STARTER.outingId.missing),
  skierId: plainText(FIELDS.STARTER.skierId.name, MOST),
  skier: skierSchema.default(undefined),
});

/** What a starter stands on, and how much it matters. */
export const starterSchema = schemaFrom<Omit<Starter, 'id'>>(STARTER_FIELDS, fieldsWords.STARTER);
