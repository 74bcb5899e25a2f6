import { packed, type PackedCases } from '@/core/choice';
import { loadCourse } from '@/data/course';
import type { FrostDatabase } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listReadings } from '@/data/readings';
import { checkedId } from '@/formats/schemas/ids';
import { windowSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { failed, invalidInput, type WireResult } from '@/formats/wire';
import { modelledCases } from './cases';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.actions;

/** The modelled cases of an outing at another start or length; undefined where there is no weather for it. */
export async function modelledWindow(
  db: FrostDatabase,
  outingId: unknown,
  window: unknown,
): Promise<WireResult<PackedCases | undefined>> {
  const id = checkedId(outingId, 'outingId');
  if (!id.ok) return id;
  const checked = validate(windowSchema, window);
  if (!checked.ok) return invalidInput(checked.problems);
  const outing = await findOuting(db, id.value);
  if (!outing) return failed('not_found', WORDS.thisOutingIsGoneChoose);
  const planned = { ...outing, ...checked.value };
  const [reading] = await listReadings(db, outing.id, 1);
  const ground = await modelledCases(db, {
    course: await loadCourse(db, planned),
    outing: planned,
    reading,
  });
  return { ok: true, value: ground && packed(ground.cases) };
}
