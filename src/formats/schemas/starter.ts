import { object } from 'yup';
import { SKIER_FIELDS, STARTER_FIELDS, type Skier, type Starter } from '../../core/model';
import { words } from '../../words';
import { plainText } from './fields';
import { schemaFrom } from './from-fields';
import { MOST } from './ids';

/** A skier as a person enters one. */
export const skierSchema = schemaFrom<Omit<Skier, 'id'>>(SKIER_FIELDS, words.fields.SKIER);

/** Somebody put on an outing: one who is on the list, by id, or a new one. */
export const newStarterSchema = object({
  outingId: plainText(words.fields.STARTER.outingId.name, MOST).required(
    words.fields.STARTER.outingId.missing,
  ),
  skierId: plainText(words.fields.STARTER.skierId.name, MOST),
  skier: skierSchema.default(undefined),
});

/** What a starter stands on, and how much it matters. */
export const starterSchema = schemaFrom<Omit<Starter, 'id'>>(STARTER_FIELDS, words.fields.STARTER);
