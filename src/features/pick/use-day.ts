import { useMemo } from 'react';
import { casesFromReading, type PackedCases } from '@/core/choice';
import type { Outing, Reading } from '@/core/model';
import { basisOf } from '@/core/wax';
import type { PickDraft } from './pick-draft';
import { useModelled } from './use-modelled';
import type { SeenBase } from './use-cases/seen-base';

interface DayGround {
  outing: Outing;
  reading: Reading | undefined;
  /** Every segment and member over the start window; undefined without weather. */
  modelled: PackedCases | undefined;
  /** What the look-over found on the skis for this outing. */
  seen: SeenBase | undefined;
}

/** What the choice stands on: the snow of the outlook or of the reading, by the rule or as one said, and the base. */
export function useDay(ground: DayGround, draft: PickDraft) {
  const { outing, reading, seen } = ground;
  const modelled = useModelled(ground, draft);
  const rule = useMemo(() => {
    const startMs = modelled && Date.parse(outing.startAt);
    return basisOf(startMs, reading && { takenMs: Date.parse(reading.takenAt) });
  }, [modelled, outing.startAt, reading]);
  const measured = useMemo(
    () => reading && casesFromReading(reading, Date.parse(outing.startAt)),
    [reading, outing.startAt],
  );
  const canChoose = modelled !== undefined && reading !== undefined;
  const basis = (canChoose ? draft.basis : undefined) ?? rule?.kind ?? 'measured';
  const common = seen?.isCommon ? seen.state : undefined;
  return {
    cases: basis === 'modelled' ? modelled : measured,
    source: { basis, canChoose, reason: draft.basis ? undefined : rule?.reason },
    base: { state: draft.baseState ?? common ?? 'in_use', seen },
  };
}

export type PickDay = ReturnType<typeof useDay>;
