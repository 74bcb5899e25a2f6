import { requireWithin } from '../errors';
import type { BaseState, FindingKind } from '../terms';
import { SKI } from './figures';
import type { ShopReason } from './findings';
import { HAS_EDGES, type Finding, type Ski } from './types';

/** The order of repair: what cannot be done here first, wax last. */
export const REPAIR_ORDER = ['shop', 'repair', 'edges', 'clean', 'wax'] as const;
export type RepairGroup = (typeof REPAIR_ORDER)[number];

/** One kind of finding on this ski, and where it is taken care of. */
export interface LookOverItem {
  kind: FindingKind;
  group: RepairGroup;
  places: number;
}

export interface LookOver {
  /** In the order in which they are to be done. */
  items: LookOverItem[];
  baseState: BaseState;
  /** Reasons to send the ski to a grinder or a certified shop. */
  shop: ShopReason[];
}

/** Where in that order each kind of finding is taken care of. */
const GROUP_OF: Readonly<Record<FindingKind, RepairGroup>> = {
  delamination: 'shop',
  gouge: 'repair',
  unflat: 'shop',
  burr: 'edges',
  rust: 'edges',
  burn: 'wax',
  dirt: 'clean',
  hairs: 'clean',
  dry: 'wax',
};

/**
 * What the findings mean for this ski, in the order repair, edges, clean, wax, and when it is a matter for a grinder or a
 * certified shop. A place off the ski: DomainError.
 */
export function readLookOver(findings: readonly Finding[], ski: Ski): LookOver {
  for (const one of findings)
    requireWithin('positionCm', { value: one.positionCm, low: 0, high: ski.lengthCm });
  const count = (kind: FindingKind) => findings.filter((one) => one.kind === kind).length;
  const kinds = [...new Set(findings.map((one) => one.kind))];
  const items = kinds
    .map((kind): LookOverItem => ({ kind, group: GROUP_OF[kind], places: count(kind) }))
    .sort(
      (a, b) =>
        REPAIR_ORDER.indexOf(a.group) - REPAIR_ORDER.indexOf(b.group) ||
        b.places - a.places ||
        a.kind.localeCompare(b.kind, 'en'),
    );
  const shop: ShopReason[] = [];
  const to = (code: ShopReason['code'], gravity: ShopReason['gravity']) =>
    shop.push({ code, gravity });
  if (count('delamination') > 0) to('delaminated', 'danger');
  if (count('unflat') > 0) to('not_flat', 'caution');
  if (count('burn') >= SKI.manyBurns) to('burnt_all_over', 'caution');
  if (count('gouge') >= SKI.manyGouges) to('many_gouges', 'caution');
  const hasEdgeFault = kinds.some((kind) => kind === 'burr' || kind === 'rust');
  if (hasEdgeFault && !HAS_EDGES[ski.type]) to('no_steel_edge', 'note');
  const baseState: BaseState = count('burn') > 0 ? 'burnt' : count('dry') > 0 ? 'dry' : 'in_use';
  return { items, baseState, shop };
}
