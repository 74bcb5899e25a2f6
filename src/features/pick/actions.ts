'use server';

import type { SnowCases } from '@/core/choice';
import { loadCourse } from '@/data/course';
import { database } from '@/data/database';
import { findOuting } from '@/data/outings';
import { listReadings } from '@/data/readings';
import { windowSchema } from '@/formats/schemas/outing';
import { validate } from '@/formats/schemas/validation';
import { checkedId } from '@/formats/schemas/ids';
import { answered, failed, invalidInput, type WireResult } from '@/formats/wire';
import { nowMs } from '@/server/clock';
import { writing } from '@/server/deed';
import { modelledCases } from '@/server/cases';
import { saveChoice } from './use-cases/save-choice';

/** Saves the choice of the Pick screen; gives its id. */
export async function saveChoiceAction(
  key: string,
  input: unknown,
): Promise<WireResult<{ id: string }>> {
  const write = writing(key, 'choice.save');
  return answered(async () => {
    const saved = await saveChoice(database(), input, { nowMs: nowMs(), write });
    return saved.ok ? { ok: true, value: { id: saved.value.id } } : saved;
  });
}

/** The modelled cases of an outing at another start or length; undefined where there is no weather for it. */
export async function casesAction(
  outingId: string,
  startAt: string,
  hoursOnSnow: number | undefined,
): Promise<WireResult<SnowCases | undefined>> {
  return answered(async () => {
    const db = database();
    const id = checkedId(outingId, 'outingId');
    if (!id.ok) return id;
    const window = validate(windowSchema, { startAt, hoursOnSnow });
    if (!window.ok) return invalidInput(window.problems);
    const outing = await findOuting(db, id.value);
    if (!outing) return failed('not_found', 'This outing is gone: choose another.');
    const planned = { ...outing, ...window.value };
    const [reading] = await listReadings(db, outing.id, 1);
    const ground = await modelledCases(await loadCourse(db, planned), planned, reading);
    return { ok: true, value: ground?.cases };
  });
}
