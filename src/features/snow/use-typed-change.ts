'use client';

import { useEffect, useMemo, useState } from 'react';
import {
  casesFromReading,
  courseCases,
  planCourse,
  unpacked,
  type ChoiceQuestion,
  type RoledProduct,
  daySnow,
  demandOf,
  type SnowCases,
} from '@/core/choice';
import { spotReadings, type CourseData, type Outing, type Reading } from '@/core/model';
import { wallIso } from '@/core/time';
import { basisOf, HOUSE_LIMITS, type OwnCorrection, type SnowConditions } from '@/core/wax';
import { snowSchema } from '@/formats/schemas/snow';
import { validate } from '@/formats/schemas/validation';
import { choicePool, outlookPool } from '@/workers/pools';
import { standingCasesAction } from './actions';
import type { ReadingDraft } from './use-reading-form';

const SETTLE_MS = 500;

/** The snow at the start and what is best on the shelf for it. */
interface Side {
  snow: SnowConditions;
  equivalentTemperatureC: number;
  hardness: number;
  /** Undefined: nothing on the shelf may be used. */
  best: string | undefined;
}

/** What a reading that is typed and not saved would change. */
export type TypedChange =
  | { kind: 'wrong' }
  | { kind: 'computing' }
  | { kind: 'failed' }
  | { kind: 'done'; before: Side | undefined; after: Side };

/** What a typed reading is seen against. */
export interface Ground {
  outing: Outing;
  course: CourseData;
  latest: Reading | undefined;
  corrected: Reading | undefined;
  products: readonly RoledProduct[];
  /** The venue's own correction, and what was learned there. */
  own: OwnCorrection;
}

/** What is typed, as of when and how it would be stored. */
type TypedReading = SnowConditions &
  Required<Pick<SnowConditions, 'temperatureSdC'>> & {
    takenAt: string;
    source: string;
    spot?: string;
  };

/** The snow as it would be with the reading: of the outlook over the course, or of the reading itself. */
async function casesWith(
  typed: TypedReading,
  { outing, course, corrected }: Ground,
  keep: (cancel: () => void) => void,
): Promise<SnowCases> {
  const startMs = Date.parse(outing.startAt);
  const takenMs = Date.parse(typed.takenAt);
  const replaced = corrected && Date.parse(corrected.takenAt);
  const others = course.readings.filter((one) => one.timeMs !== replaced);
  const readings = [...spotReadings(typed), ...others];
  const plan = planCourse({ ...course, readings }, outing);
  const hasStart = plan.ok && plan.timesMs.length > 0;
  const basis = basisOf(hasStart ? startMs : undefined, { takenMs });
  if (!hasStart || basis?.kind === 'measured') return casesFromReading(typed, startMs);
  const job = outlookPool().run([...plan.inputs]);
  keep(job.cancel);
  return courseCases(plan, await job.result, typed)!;
}

/** The snow as it stands, from the server that has computed it. */
async function casesWithout({ outing, latest }: Ground): Promise<SnowCases | undefined> {
  const done = await standingCasesAction(outing.id, {
    startAt: outing.startAt,
    hoursOnSnow: outing.hoursOnSnow,
  });
  const standing = done.ok && done.value ? unpacked(done.value) : undefined;
  return daySnow(outing, standing, latest)?.cases;
}

async function sidesOf(
  all: readonly SnowCases[],
  { outing, products, own }: Ground,
  keep: (cancel: () => void) => void,
): Promise<Side[]> {
  if (products.length === 0) {
    return all.map((cases) => ({ ...demandOf({ cases, outing, own }), best: undefined }));
  }
  const pool = choicePool();
  const job = pool.run(
    all.map((cases): ChoiceQuestion => ({ cases, outing, own, products, shelf: [...products] })),
  );
  keep(job.cancel);
  try {
    return (await job.result).map((choice) => ({
      ...choice,
      best: choice.ranking.find((one) => !one.excluded)?.name,
    }));
  } finally {
    pool.close();
  }
}

/** What the reading as typed would change; computed in this browser's workers once typing rests. */
export function useTypedChange(
  draft: ReadingDraft,
  { outing, course, latest, corrected, products, own }: Ground,
): TypedChange {
  const [found, setFound] = useState<{ key: string; change: TypedChange }>();
  // The form makes its values anew with every drawing: their text tells whether anything was typed.
  const key = JSON.stringify(draft);
  const isSound = useMemo(() => validate(snowSchema, JSON.parse(key)).ok, [key]);
  useEffect(() => {
    if (!isSound) return undefined;
    const now = JSON.parse(key) as ReadingDraft;
    let isGone = false;
    let cancel = () => {};
    const keep = (stop: () => void) => {
      if (isGone) stop();
      cancel = stop;
    };
    const compute = async (): Promise<TypedChange> => {
      const checked = validate(snowSchema, now);
      if (!checked.ok) return { kind: 'wrong' };
      const typed: TypedReading = {
        ...checked.value,
        temperatureSdC: checked.value.temperatureSdC ?? HOUSE_LIMITS.defaultTemperatureSdC,
        takenAt: now.takenAt ?? wallIso(),
        source: now.source ?? 'probe',
        spot: now.spot,
      };
      const ground = { outing, course, latest, corrected, products, own };
      const after = await casesWith(typed, ground, keep);
      const before = await casesWithout(ground).catch(() => undefined);
      const sides = await sidesOf(before ? [after, before] : [after], ground, keep);
      return { kind: 'done', after: sides[0]!, before: sides[1] };
    };
    const timer = setTimeout(() => {
      const tell = (change: TypedChange) => !isGone && setFound({ key, change });
      compute().then(tell, () => tell({ kind: 'failed' }));
    }, SETTLE_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
      cancel();
    };
  }, [key, isSound, outing, course, latest, corrected, products, own]);
  if (!isSound) return { kind: 'wrong' };
  return found?.key === key ? found.change : { kind: 'computing' };
}
