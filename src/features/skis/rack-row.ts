import type { Care, Ski } from '@/core/ski';
import { languageTag } from '@/words/locale';

/** A pair as the rack lists it: few of its fields, since a rack may hold hundreds. */
export interface RackRow {
  ski: Pick<
    Ski,
    'id' | 'name' | 'owner' | 'type' | 'lengthCm' | 'grindMm' | 'grindPattern' | 'note'
  >;
  care: Pick<Care, 'reserve' | 'due'>;
  marks: number;
}

const byName = (a: RackRow, b: RackRow) => a.ski.name.localeCompare(b.ski.name, languageTag());

/** The orders of the rack; it comes from the server in the first. */
export const RACK_ORDER = {
  due: (a, b) =>
    b.care.due.length - a.care.due.length || a.care.reserve - b.care.reserve || byName(a, b),
  name: byName,
  owner: (a, b) => a.ski.owner.localeCompare(b.ski.owner, languageTag()) || byName(a, b),
  reserve: (a, b) => a.care.reserve - b.care.reserve || byName(a, b),
  length: (a, b) => a.ski.lengthCm - b.ski.lengthCm || byName(a, b),
} satisfies Record<string, (a: RackRow, b: RackRow) => number>;
export type RackOrder = keyof typeof RACK_ORDER;
