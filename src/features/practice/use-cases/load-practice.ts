import type { Dispute, Learner } from '@/core/model';
import {
  biasOf,
  calibrationOf,
  DRILLS,
  skillOf,
  topicStates,
  type Bias,
  type Calibrated,
  type Drill,
  type Skill,
} from '@/core/practice';
import type { FrostDatabase } from '@/data/database';
import {
  listAnswers,
  listDisputes,
  listLearners,
  recentAnswers,
  type MarkedAnswer,
} from '@/data/practice';

/** Skill of a drill after each answer, for the chart. */
export interface SkillPoint extends Skill {
  at: string;
}

/** What a person can, drill by drill. */
export interface DrillProgress {
  drill: Drill;
  skill: Skill;
  course: SkillPoint[];
  /** Topics that are due, and those that were never asked. */
  due: number;
  fresh: number;
}

/** What is known of a person who practises. */
export interface PersonProgress {
  learner: Learner | undefined;
  drills: DrillProgress[];
  pickBias: Bias | undefined;
  snowBias: Bias | undefined;
  calibration: Calibrated[];
  answers: number;
}

export interface GroupRow {
  learner: Learner;
  skills: Record<Drill, Skill>;
  answers: number;
  lastAt: string | undefined;
}

export interface PracticeData {
  learners: Learner[];
  person: PersonProgress;
  group: GroupRow[];
  disputes: Dispute[];
}

const MOST_POINTS = 60;
/** Answers before these weigh less than a thousandth. */
const MOST_WEIGHED = 120;

const qualitiesOf = (answers: readonly MarkedAnswer[], drill: Drill) =>
  answers.filter((one) => one.drill === drill);

function progressOf(
  learner: Learner | undefined,
  answers: readonly MarkedAnswer[],
  nowMs: number,
): PersonProgress {
  const states = topicStates(
    answers.map((one) => ({ ...one, atMs: Date.parse(one.answeredAt) })),
    nowMs,
  );
  const drills = DRILLS.map((drill): DrillProgress => {
    const own = qualitiesOf(answers, drill);
    const qualities = own.map(({ quality }) => quality);
    const from = Math.max(0, own.length - MOST_POINTS);
    const topics = states.filter((one) => one.drill === drill);
    return {
      drill,
      skill: skillOf(qualities),
      course: own.slice(from).map(({ answeredAt }, i) => ({
        at: answeredAt,
        ...skillOf(qualities.slice(Math.max(0, from + i + 1 - MOST_WEIGHED), from + i + 1)),
      })),
      due: topics.filter(({ dueMs }) => dueMs !== undefined && dueMs <= nowMs).length,
      fresh: topics.filter((one) => one.answers === 0).length,
    };
  });
  const marksOf = (drill: Drill) => qualitiesOf(answers, drill).map(({ mark }) => mark);
  return {
    learner,
    drills,
    pickBias: biasOf(marksOf('pick')),
    snowBias: biasOf(marksOf('snow')),
    calibration: calibrationOf(answers.flatMap(({ mark }) => mark.said ?? [])),
    answers: answers.length,
  };
}

/** Everything of the screen Practice, for a person or for nobody's name. */
export async function loadPractice(
  db: FrostDatabase,
  learnerId: string | undefined,
  nowMs: number,
): Promise<PracticeData> {
  const [learners, recent, disputes] = await Promise.all([
    listLearners(db),
    recentAnswers(db, MOST_WEIGHED),
    listDisputes(db),
  ]);
  const learner = learners.find(({ id }) => id === learnerId);
  const own = learner ? await listAnswers(db, learner.id) : [];
  const group = learners.map((one): GroupRow => {
    const lists = recent.filter((list) => list.learnerId === one.id);
    const skills = DRILLS.map((drill) => [
      drill,
      skillOf(lists.find((list) => list.drill === drill)?.qualities ?? []),
    ]);
    return {
      learner: one,
      skills: Object.fromEntries(skills) as Record<Drill, Skill>,
      answers: lists.reduce((sum, { answers }) => sum + answers, 0),
      lastAt: lists
        .map(({ lastAt }) => lastAt)
        .sort()
        .at(-1),
    };
  });
  return { learners, person: progressOf(learner, own, nowMs), group, disputes };
}
