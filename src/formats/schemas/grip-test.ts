import { GRIP_TEST_FIELDS, type KeptGripTest } from '../../core/model';
import { fieldsWords } from '../../words/areas/fields';
import { schemaFrom } from './from-fields';

/** A test of grip, as it is sent. */
export const gripTestSchema = schemaFrom<Omit<KeptGripTest, 'id' | 'testedAt' | 'removedAt'>>(
  GRIP_TEST_FIELDS,
  fieldsWords.GRIP_TEST,
);
