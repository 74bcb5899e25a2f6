import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs';
import { PRACTICE } from './figures';
import { DRILL_TOPICS } from './items';
import { skillOf } from './progress';
import { DRILLS, type Drill } from './types';

/** What scheduling needs to know of an answer. */
export interface Answered {
  drill: Drill;
  topic: string;
  quality: number;
  atMs: number;
}

/** Spaced repetition by the FSRS model (Ye, Su and Cao 2022); without fuzz, so that the same answers give the same days. */
const scheduler = fsrs({ enable_fuzz: false });

const { hard: HARD, good: GOOD, easy: EASY } = PRACTICE.grades;

/** An answer's quality 0…1 as a grade of recall. */
function gradeOf(quality: number): Grade {
  if (quality < HARD) return Rating.Again;
  if (quality < GOOD) return Rating.Hard;
  return quality < EASY ? Rating.Good : Rating.Easy;
}

/** Where a topic stands for a person. */
export interface TopicState {
  drill: Drill;
  topic: string;
  answers: number;
  /** When it is to come again, ms; undefined: it was never asked. */
  dueMs?: number;
  /** How likely it is still known, 0…1; 0 where it was never asked. */
  recall: number;
}

function cardAfter(answers: readonly Answered[]): Card | undefined {
  const [first] = answers;
  if (!first) return undefined;
  let card = createEmptyCard(new Date(first.atMs));
  for (const { quality, atMs } of answers) {
    card = scheduler.next(card, new Date(atMs), gradeOf(quality)).card;
  }
  return card;
}

/** Where every topic stands at a moment, by a person's answers in any order. */
export function topicStates(answers: readonly Answered[], nowMs: number): TopicState[] {
  const inOrder = [...answers].sort((a, b) => a.atMs - b.atMs);
  return DRILLS.flatMap((drill) =>
    DRILL_TOPICS[drill].map((topic): TopicState => {
      const own = inOrder.filter((one) => one.drill === drill && one.topic === topic);
      const card = cardAfter(own.slice(-PRACTICE.mostReplayed));
      if (!card) return { drill, topic, answers: 0, recall: 0 };
      const recall = scheduler.get_retrievability(card, new Date(nowMs), false);
      return { drill, topic, answers: own.length, dueMs: card.due.getTime(), recall };
    }),
  );
}

/**
 * What to practise next: what is due and most likely forgotten; else something new of the drill that one is weakest at;
 * else what is nearest to being forgotten. `drill` keeps to one of them, `not` is the one that was just done.
 */
export function nextTopic(
  answers: readonly Answered[],
  nowMs: number,
  { drill, not }: { drill?: Drill; not?: Drill } = {},
): TopicState {
  const all = topicStates(answers, nowMs).filter((one) => !drill || one.drill === drill);
  const others = drill ? all : all.filter((one) => one.drill !== not);
  const least = (some: readonly TopicState[]) =>
    some.reduce((a, b) => (b.recall < a.recall ? b : a));
  const due = others.filter(({ dueMs }) => dueMs !== undefined && dueMs <= nowMs);
  if (due.length > 0) return least(due);
  const fresh = others.filter((one) => one.answers === 0);
  if (fresh.length > 0) {
    const skill = new Map(
      DRILLS.map((one) => [
        one,
        skillOf(answers.filter((answer) => answer.drill === one).map(({ quality }) => quality)),
      ]),
    );
    const rank = (one: TopicState) => skill.get(one.drill)!.mean + skill.get(one.drill)!.answers;
    return fresh.reduce((a, b) => (rank(b) < rank(a) ? b : a));
  }
  return least(others);
}
