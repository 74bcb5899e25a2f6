import { useEffect, useMemo, useState } from 'react';
import { unpacked, type PackedCases, type SnowCases } from '@/core/choice';
import type { Outing } from '@/core/model';
import { casesAction } from './actions';
import type { PickDraft } from './pick-draft';

const SETTLE_MS = 400;

interface Ground {
  outing: Outing;
  modelled: PackedCases | undefined;
}

/** The modelled cases for the start and hours as typed; those of the page until they change. */
export function useModelled(
  ground: Ground,
  draft: Pick<PickDraft, 'startAt' | 'hoursOnSnow'>,
): SnowCases | undefined {
  const { outing, modelled } = ground;
  const own = useMemo(() => modelled && unpacked(modelled), [modelled]);
  const [fetched, setFetched] = useState<{ key: string; cases: SnowCases | undefined }>();
  const { startAt, hoursOnSnow } = draft;
  const isAsStored = startAt === outing.startAt && hoursOnSnow === outing.hoursOnSnow;
  const key = `${startAt} ${hoursOnSnow ?? ''}`;
  useEffect(() => {
    if (isAsStored || startAt === '') return undefined;
    let isGone = false;
    const timer = setTimeout(() => {
      casesAction(outing.id, startAt, hoursOnSnow).then(
        (done) =>
          !isGone && done.ok && setFetched({ key, cases: done.value && unpacked(done.value) }),
        () => undefined,
      );
    }, SETTLE_MS);
    return () => {
      isGone = true;
      clearTimeout(timer);
    };
  }, [isAsStored, key, outing.id, startAt, hoursOnSnow]);
  return !isAsStored && fetched?.key === key ? fetched.cases : own;
}
