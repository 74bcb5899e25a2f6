import {
  glideTestOf,
  type Choice,
  type KeptGlideTest,
  type LearningWish,
  type Outcome,
  type Outing,
} from '@/core/model';
import type { GlideProduct, LearnedLedger, OwnCorrection } from '@/core/wax';
import {
  learn,
  learnedAt,
  resultOfOutcome,
  resultOfTest,
  waxesOf,
  type Learned,
  type LearnResult,
} from '@/core/learn';
import { choicesOf } from '@/data/choices';
import type { FrostDatabase } from '@/data/database';
import { allGlideTests } from '@/data/glide-tests';
import { listOutings } from '@/data/outings';
import { listOutcomes } from '@/data/outcomes';
import { listProducts } from '@/data/products';
import { stateOf } from '@/data/state';
import { loadTeamSettings } from '@/data/team-settings';

/** A result with what a person knows it by, whether it counts or not. */
export interface KnownResult {
  id: string;
  at: string;
  outing: Outing;
  of:
    | { kind: 'outcome'; outcome: Outcome; wax: string }
    | { kind: 'test'; test: KeptGlideTest; waxes: string[]; runs: number };
  /** Undefined: nothing can be learned from it. */
  result: LearnResult | undefined;
  counts: boolean;
}

/** All that is learned, and from what. */
export interface Learning {
  results: KnownResult[];
  learned: Learned;
  wish: LearningWish;
}

export const EVERYTHING: LearningWish = { excluded: [] };

function ofTest(
  { test, runs }: Awaited<ReturnType<typeof allGlideTests>>[number],
  { outing, products }: { outing: Outing; products: readonly GlideProduct[] },
): Omit<KnownResult, 'counts'> {
  const { id, skis, snow, startedAt } = test;
  const waxes = waxesOf(skis, products).map(({ product }) => product.name);
  return {
    id,
    at: startedAt,
    outing,
    of: { kind: 'test', test, waxes, runs: runs.length },
    result:
      snow &&
      resultOfTest(glideTestOf(test, runs), {
        id,
        venueId: outing.venue.id,
        outing,
        skis,
        snow,
        products,
        own: { venueC: outing.venue.ownCorrectionC, handC: 0 },
      }),
  };
}

function ofOutcome(
  outcome: Outcome,
  { choice, outing }: { choice: Choice; outing: Outing },
): Omit<KnownResult, 'counts'> {
  const { inputs, productId, productName, equivalentTemperatureC, details } = choice;
  return {
    id: outcome.id,
    at: outcome.createdAt,
    outing,
    of: { kind: 'outcome', outcome, wax: productName },
    result: resultOfOutcome(outcome.feel, {
      id: outcome.id,
      venueId: outing.venue.id,
      outing: inputs.outing,
      snow: inputs.snow,
      own: inputs.own,
      equivalentC: equivalentTemperatureC,
      equivalentSdC: details?.equivalentSdC,
      product: inputs.products.find(({ id }) => id === productId),
    }),
  };
}

async function readLearning(db: FrostDatabase): Promise<Learning> {
  const [tests, outcomes, outings, products, { learning: wish = EVERYTHING }] = await Promise.all([
    allGlideTests(db),
    listOutcomes(db),
    listOutings(db),
    listProducts(db),
    loadTeamSettings(db),
  ]);
  const outingOf = new Map(outings.map((one) => [one.id, one]));
  const choices = await choicesOf(
    db,
    outcomes.map(({ choiceId }) => choiceId),
  );
  const choiceOf = new Map(choices.map((one) => [one.id, one]));
  const glides = products.filter(({ role }) => role === 'glide');
  const known = [
    ...tests.flatMap((one) => {
      const outing = outingOf.get(one.test.outingId);
      return outing ? [ofTest(one, { outing, products: glides })] : [];
    }),
    ...outcomes.flatMap((outcome) => {
      const choice = choiceOf.get(outcome.choiceId);
      const outing = choice && outingOf.get(choice.outingId);
      return outing ? [ofOutcome(outcome, { choice, outing })] : [];
    }),
  ];
  const excluded = new Set(wish.excluded);
  const results = known
    .map((one): KnownResult => ({
      ...one,
      counts: one.result !== undefined && !excluded.has(one.id) && one.at >= (wish.sinceAt ?? ''),
    }))
    .sort((a, b) => b.at.localeCompare(a.at));
  return {
    results,
    wish,
    learned: learn(results.flatMap(({ counts, result }) => (counts && result ? [result] : []))),
  };
}

const remembered = new WeakMap<FrostDatabase, { state: string; learning: Promise<Learning> }>();

/** All that is learned from what is stored; worked out once for each state of the database. */
export async function loadLearning(db: FrostDatabase): Promise<Learning> {
  const state = await stateOf(db);
  const known = remembered.get(db);
  if (known?.state === state) return known.learning;
  const learning = readLearning(db);
  remembered.set(db, { state, learning });
  learning.catch(() => remembered.delete(db));
  return learning;
}

/** What is learned for a venue; undefined where nothing is, so that the ledger is the house's. */
export async function learnedFor(
  db: FrostDatabase,
  venueId: string,
): Promise<LearnedLedger | undefined> {
  const { learned } = await loadLearning(db);
  return learned.moves.length === 0 ? undefined : learnedAt(learned, venueId);
}

/** The corrections of an outing: the venue's own, by hand, and what was learned there. */
export async function ownOf(
  db: FrostDatabase,
  { venue }: Outing,
  handC = 0,
): Promise<OwnCorrection> {
  const learned = await learnedFor(db, venue.id);
  return { venueC: venue.ownCorrectionC, handC, ...(learned && { learned }) };
}
