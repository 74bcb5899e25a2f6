import { OUTCOME_FIELDS, type Outcome } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom } from './from-fields';

/** How a choice turned out, as it is sent. */
export const outcomeSchema = schemaFrom<Pick<Outcome, 'choiceId' | 'glide' | 'feel'>>(
  OUTCOME_FIELDS,
  fieldsWords.OUTCOME,
);
