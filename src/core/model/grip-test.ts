import { GRIP_VERDICTS, type GripTry } from '../grip';
import type { FieldsOf } from './field';

/** A test of a grip wax on a marked hill. It is kept for good; one that was taken back keeps when. */
export interface KeptGripTest extends GripTry {
  id: string;
  outingId: string;
  testedAt: string;
  tester?: string;
  note?: string;
  removedAt?: string;
}

export const GRIP_TEST_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  outingId: { type: 'id', isRequired: true },
  testedAt: { type: 'moment', isRequired: true, isInternal: true },
  wax: { type: 'text', most: 80, isRequired: true },
  layers: { type: 'number', range: [1, 12], unit: '', isRequired: true },
  heldMarks: { type: 'number', range: [0, 50], unit: '', isRequired: true },
  verdict: { type: 'choice', of: GRIP_VERDICTS, isRequired: true },
  tester: { type: 'text', most: 60 },
  note: { type: 'text', most: 300 },
  removedAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<KeptGripTest>;
