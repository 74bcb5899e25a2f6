import { requireWithin } from '../errors';
import type { BaseState, FindingKind } from '../terms';
import { HAS_EDGES, type Finding, type Ski } from './types';

/** The order of repair: what cannot be done here first, wax last. */
export const REPAIR_ORDER = ['shop', 'repair', 'edges', 'clean', 'wax'] as const;
export type RepairGroup = (typeof REPAIR_ORDER)[number];

/** What one kind of finding means for this ski. */
export interface LookOverItem {
  kind: FindingKind;
  group: RepairGroup;
  places: number;
  meaning: string;
  action: string;
}

export interface LookOver {
  /** In the order in which they are to be done. */
  items: LookOverItem[];
  baseState: BaseState;
  /** Reasons to send the ski to a grinder or a certified shop. */
  shop: string[];
}

interface Meaning {
  group: RepairGroup;
  meaning: string;
  action: string;
}

const MEANINGS: Readonly<Record<FindingKind, Meaning>> = {
  delamination: {
    group: 'shop',
    meaning: 'The layers part: water gets in, and it grows with every run.',
    action: 'Dry it, keep it off snow; gluing under a press is a shop’s work.',
  },
  gouge: {
    group: 'repair',
    meaning: 'The base is cut: it slows, and at the edge it catches.',
    action: 'Clean, drip base filler, let it cool, scrape flush.',
  },
  unflat: {
    group: 'shop',
    meaning: 'Hollow or raised against the true bar: scraper and structure miss it.',
    action: 'A stone grind makes it flat.',
  },
  burr: {
    group: 'edges',
    meaning: 'A hardened burr on the edge: a file skates over it.',
    action: 'Coarse diamond first, then the file.',
  },
  rust: {
    group: 'edges',
    meaning: 'Rust on the edge: surface only, if it is fresh.',
    action: 'Rubber stone, then fine diamond; dry the skis after use.',
  },
  burn: {
    group: 'wax',
    meaning: 'Pale dry streaks in from the edge: hard snow has burnt the base.',
    action: 'Soft wax first, then hardener along the edges; sealed for good, it wants a grind.',
  },
  dirt: {
    group: 'clean',
    meaning: 'Old wax and grime hold dirt: new wax would lie on top of it.',
    action: 'Hot-scrape until the shavings come clean, or clean with liquid and let it flash off.',
  },
  hairs: {
    group: 'clean',
    meaning: 'Fine hairs of base stand up: they drag in every snow.',
    action: 'Fine steel brush and abrasive pad, light, tip to tail.',
  },
  dry: {
    group: 'wax',
    meaning: 'Grey or white: the base is empty there.',
    action: 'A soft conditioning wax, ironed cool, before the wax of the day.',
  },
};

/** From this many places on a fault is one of the whole base (house). */
const MANY_BURNS = 6;
const MANY_GOUGES = 5;

/**
 * What the findings mean for this ski, in the order repair, edges, clean, wax, and when it is a matter for a grinder or a
 * certified shop. A place off the ski: DomainError.
 */
export function readLookOver(findings: readonly Finding[], ski: Ski): LookOver {
  for (const one of findings) requireWithin('positionCm', one.positionCm, 0, ski.lengthCm);
  const count = (kind: FindingKind) => findings.filter((one) => one.kind === kind).length;
  const kinds = [...new Set(findings.map((one) => one.kind))];
  const items = kinds
    .map((kind): LookOverItem => ({ kind, places: count(kind), ...MEANINGS[kind] }))
    .sort(
      (a, b) =>
        REPAIR_ORDER.indexOf(a.group) - REPAIR_ORDER.indexOf(b.group) ||
        b.places - a.places ||
        a.kind.localeCompare(b.kind, 'en'),
    );
  const shop: string[] = [];
  if (count('delamination') > 0)
    shop.push('Delamination: to a shop with a press; no hot iron near it.');
  if (count('unflat') > 0) shop.push('Not flat: to the grinder before any work on edges or base.');
  if (count('burn') >= MANY_BURNS)
    shop.push('Burnt in many places: a sealed base takes no wax; to the grinder.');
  if (count('gouge') >= MANY_GOUGES)
    shop.push('Many gouges: a base weld and a grind serve better than filler.');
  const hasEdgeFault = kinds.some((kind) => kind === 'burr' || kind === 'rust');
  if (hasEdgeFault && !HAS_EDGES[ski.type])
    shop.push('This type has no steel edge: look again at what was marked as burr or rust.');
  const baseState: BaseState = count('burn') > 0 ? 'burnt' : count('dry') > 0 ? 'dry' : 'in_use';
  return { items, baseState, shop };
}
