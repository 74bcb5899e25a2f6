import type { KeptEvent, KeptFinding, KeptSki } from '@/core/model';
import { careOf, readLookOver, type Care, type LookOver } from '@/core/ski';
import type { FrostDatabase } from '@/data/database';
import { bySki } from '@/data/by-ski';
import { eventsOnRack, listSkiEvents, listFindings } from '@/data/ski-events';
import { findSki, listSkiPhotos, listSkis } from '@/data/skis';
import { RACK_ORDER, type RackRow } from '../rack-row';

/** A ski with how it is. */
export interface RackSki {
  ski: KeptSki;
  care: Care;
  findings: KeptFinding[];
}

/** The whole rack with its care, what is due first. */
export async function loadRack(
  db: FrostDatabase,
  nowMs: number,
  isSouthern: boolean,
): Promise<RackRow[]> {
  const [skis, eventsOf, findings] = await Promise.all([
    listSkis(db),
    eventsOnRack(db),
    listFindings(db),
  ]);
  const findingsOf = bySki(findings);
  const rows = skis.map((ski): RackRow => {
    const own = findingsOf.get(ski.id) ?? [];
    const past = eventsOf.get(ski.id) ?? [];
    const { reserve, due } = careOf(ski.type, { events: past, findings: own, nowMs, isSouthern });
    const { id, name, owner, type, lengthCm, grindMm, grindPattern, note } = ski;
    return {
      ski: { id, name, owner, type, lengthCm, grindMm, grindPattern, note },
      care: { reserve, due },
      marks: own.length,
    };
  });
  return rows.sort(RACK_ORDER.due);
}

/** One ski with all there is to it. */
export interface SkiView extends RackSki {
  look: LookOver;
  events: KeptEvent[];
  photoIds: string[];
}

/** Loads a ski; undefined when there is none of this id. */
export async function loadSki(
  db: FrostDatabase,
  { id, nowMs, isSouthern }: { id: string; nowMs: number; isSouthern: boolean },
): Promise<SkiView | undefined> {
  const ski = await findSki(db, id);
  if (!ski) return undefined;
  const [events, findings, photoIds] = await Promise.all([
    listSkiEvents(db, id),
    listFindings(db, id),
    listSkiPhotos(db, id),
  ]);
  return {
    ski,
    findings,
    care: careOf(ski.type, { events, findings, nowMs, isSouthern }),
    look: readLookOver(findings, ski),
    events: events.reverse(),
    photoIds,
  };
}
