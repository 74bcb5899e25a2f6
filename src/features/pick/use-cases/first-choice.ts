import {
  choose,
  daySnow,
  type RobustChoice,
  type RoledProduct,
  type SnowCases,
} from '@/core/choice';
import type { Outing, Reading } from '@/core/model';
import type { OwnCorrection } from '@/core/wax';
import { validate } from '@/formats/schemas/validation';
import { offLoop } from '@/server/compute/pool';
import { task } from '@/server/compute/task';
import { draftFrom, factsOf } from '../pick-draft';
import { draftSchema } from '../pick-schema';
import { questionOf } from '../question';
import type { SeenBase } from './seen-base';

export const chooseTask = task('choose', 'quick', choose);

interface Ground {
  outing: Outing;
  modelled: SnowCases | undefined;
  reading: Reading | undefined;
  shelf: readonly RoledProduct[];
  seen: SeenBase | undefined;
  own: OwnCorrection;
}

/** The choice for an outing as it is stored, with which the Pick screen comes; undefined without snow or shelf. */
export async function firstChoice(ground: Ground): Promise<RobustChoice | undefined> {
  const { outing, modelled, reading, shelf, seen, own } = ground;
  const draft = draftFrom(outing);
  const { startAt, handCorrectionC } = draft;
  const given = { ...factsOf(draft), startAt, handCorrectionC };
  const question = questionOf({
    isSound: validate(draftSchema, given).ok,
    venue: own,
    shelf,
    cases: daySnow(outing, modelled, reading)?.cases,
    draft,
    baseState: seen?.isCommon ? seen.state : 'in_use',
  });
  return question && offLoop(chooseTask, question);
}
