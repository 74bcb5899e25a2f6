import { PRACTICE } from '../practice/figures';
import { DRILLS, type Drill, type DrillMark } from '../practice/types';
import type { FieldsOf } from './field';

/** Somebody who practises: a name on this server, no account. */
export interface Learner {
  id: string;
  name: string;
  createdAt: string;
}

export const LEARNER_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  name: { type: 'text', most: 60, isRequired: true },
  createdAt: { type: 'moment', isRequired: true, isInternal: true },
} as const satisfies FieldsOf<Learner>;

/** An answer to a drill, with what it was worth; the situation is made again from drill, topic, seed and past. */
export interface DrillAnswer {
  id: string;
  learnerId: string;
  drill: Drill;
  topic: string;
  seed: number;
  /** The reading of the venue's own past that stood for the snow. */
  pastId?: string;
  answer: unknown;
  quality: number;
  mark: DrillMark;
  /** How long it took, s. */
  seconds: number;
  answeredAt: string;
}

const TOPIC = { type: 'text', most: 40, isRequired: true } as const;
const SEED = { type: 'number', range: [1, PRACTICE.mostSeed], unit: '', isRequired: true } as const;

export const DRILL_ANSWER_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  learnerId: { type: 'id', isRequired: true },
  drill: { type: 'choice', of: DRILLS, isRequired: true },
  topic: TOPIC,
  seed: SEED,
  pastId: { type: 'id' },
  answer: { type: 'json', isRequired: true },
  quality: { type: 'number', range: [0, 1], unit: '', isRequired: true, isInternal: true },
  mark: { type: 'json', isRequired: true, isInternal: true },
  seconds: { type: 'number', range: [0, 86_400], unit: '', isRequired: true },
  answeredAt: { type: 'moment', isRequired: true, isInternal: true },
} as const satisfies FieldsOf<DrillAnswer>;

/** “I would not sign this”: an answer of the model that somebody disputes, for the team to look at. */
export interface Dispute {
  id: string;
  /** Empty: nobody's name. */
  learnerName: string;
  drill: Drill;
  topic: string;
  seed: number;
  pastId?: string;
  words?: string;
  disputedAt: string;
  settledAt?: string;
}

export const DISPUTE_FIELDS = {
  id: { type: 'id', isRequired: true, isInternal: true },
  learnerName: { type: 'text', most: 60, isRequired: true, isInternal: true },
  drill: { type: 'choice', of: DRILLS, isRequired: true },
  topic: TOPIC,
  seed: SEED,
  pastId: { type: 'id' },
  words: { type: 'text', most: 500 },
  disputedAt: { type: 'moment', isRequired: true, isInternal: true },
  settledAt: { type: 'moment', isInternal: true },
} as const satisfies FieldsOf<Dispute>;
