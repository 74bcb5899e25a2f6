import { readLookOver, type Finding, type RepairGroup, type Ski } from '../ski';
import { BASE_SIDES, FINDING_KINDS, type FindingKind } from '../terms';
import { usualSki } from '../quick/usual';
import { drawFor } from './draw';
import { PRACTICE } from './figures';
import type { DrillMark } from './types';

/** Whether a ski can be waxed today: yes, when something is done first, or not at all here. */
export const WAXABLE = ['yes', 'after_work', 'no'] as const;
export type Waxable = (typeof WAXABLE)[number];

/** What is on the base. */
export const SEE_TOPICS = FINDING_KINDS;

/** A base with marks: one kind, some places; drawn from its seed. */
export interface SeeItem {
  ski: Ski;
  findings: Finding[];
  kind: FindingKind;
  first: RepairGroup;
  waxable: Waxable;
}

/** What a mark means for waxing today, by where it is taken care of. */
const WAXABLE_BY: Readonly<Record<RepairGroup, Waxable>> = {
  shop: 'no',
  repair: 'after_work',
  edges: 'after_work',
  clean: 'after_work',
  wax: 'yes',
};

/** The base of a topic and a seed. An alpine ski: it has steel edges for what happens to them. */
export function seeItem(kind: FindingKind, seed: number): SeeItem {
  const draw = drawFor(kind, seed);
  const ski = usualSki('alpine');
  const { marks, clearOfEndsCm } = PRACTICE.see;
  const findings = Array.from({ length: draw.whole(marks) }, () => ({
    kind,
    positionCm: Math.round(draw.between([clearOfEndsCm, ski.lengthCm - clearOfEndsCm])),
    side: draw.one(BASE_SIDES),
  }));
  const [item] = readLookOver(findings, ski).items;
  return { ski, findings, kind, first: item!.group, waxable: WAXABLE_BY[item!.group] };
}

export interface SeeAnswer {
  kind: FindingKind;
  first: RepairGroup;
  waxable: Waxable;
}

export interface SeeMark extends DrillMark {
  right: Readonly<Record<keyof SeeAnswer, boolean>>;
  truth: SeeAnswer;
}

/** What was seen right: what it is, what comes first, and whether it can be waxed today. */
export function markSee(item: SeeItem, answer: SeeAnswer): SeeMark {
  const right = {
    kind: answer.kind === item.kind,
    first: answer.first === item.first,
    waxable: answer.waxable === item.waxable,
  };
  const { weights } = PRACTICE.see;
  const keys = Object.keys(weights) as (keyof SeeAnswer)[];
  const { kind, first, waxable } = item;
  const truth = { kind, first, waxable };
  return {
    right,
    truth,
    quality: keys.reduce((sum, key) => sum + (right[key] ? weights[key] : 0), 0),
  };
}
