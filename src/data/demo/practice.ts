import type { DrillAnswer, Learner } from '../../core/model';
import {
  DRILL_TOPICS,
  keptMark,
  markAnswer,
  orderItem,
  seeItem,
  testItem,
  WAXABLE,
  type DrillAnswers,
  type OrderTopic,
  type TestTopic,
} from '../../core/practice';
import { randomSource } from '../../core/random';
import { FINDING_KINDS, type FindingKind } from '../../core/terms';
import { DAY_MS } from '../../core/units/constants';

const SEED = 27;
/** Answers a person and a drill, one a day; from how often right to how often. */
const DAYS = 14;
const [AT_FIRST, AT_LAST] = [0.45, 0.9];
const NAMELESS = { wax: '', liquid: '', soft: '', cleaner: '', klister: '' };
const SECONDS = 40;

/** Two of the club who practise. */
export const DEMO_LEARNERS = [
  { id: 'demo-learner-ilo', name: 'Ilo' },
  { id: 'demo-learner-wessa', name: 'Wessa' },
] as const;

export const demoLearners = (at: string): Learner[] =>
  DEMO_LEARNERS.map((one) => ({ ...one, createdAt: at }));

/** What a person of a skill answers: right so often, else beside it. */
function answerOf(
  drill: 'order' | 'see' | 'test',
  topic: string,
  { seed, isRight }: { seed: number; isRight: boolean },
): DrillAnswers['order' | 'see' | 'test'] {
  if (drill === 'see') {
    const { kind, first, waxable } = seeItem(topic as FindingKind, seed);
    const other = FINDING_KINDS[(FINDING_KINDS.indexOf(kind) + 1) % FINDING_KINDS.length]!;
    const apart = WAXABLE[(WAXABLE.indexOf(waxable) + 1) % WAXABLE.length]!;
    return isRight ? { kind, first, waxable } : { kind: other, first, waxable: apart };
  }
  if (drill === 'test') {
    const { probabilityA } = testItem(topic as TestTopic, seed);
    const says = [0.95, 0.75, 0.5, 0.25, 0.05];
    const off = (said: number) => Math.abs(said - probabilityA);
    const near = says.reduce((best, said) => (off(said) < off(best) ? said : best));
    return { saidA: isRight ? near : 0.95 };
  }
  const keys = orderItem(topic as OrderTopic, seed, NAMELESS).right.map(({ key }) => key);
  return { keys: isRight ? keys : [keys[1]!, keys[0]!, ...keys.slice(3), keys[2]!] };
}

/** Answers of two weeks, marked as every answer is. */
export function demoAnswers(now: Date): DrillAnswer[] {
  const { uniform } = randomSource(SEED);
  return DEMO_LEARNERS.flatMap(({ id: learnerId }, who) =>
    (['order', 'see', 'test'] as const).flatMap((drill) =>
      Array.from({ length: DAYS }, (_, day): DrillAnswer => {
        const topics = DRILL_TOPICS[drill];
        const topic = topics[(day + who) % topics.length]!;
        const seed = 1 + day * topics.length + who;
        const skill = AT_FIRST + ((AT_LAST - AT_FIRST) * day) / DAYS;
        const answer = answerOf(drill, topic, { seed, isRight: uniform() < skill });
        const mark = keptMark(markAnswer({ drill, topic, seed }, answer as never));
        return {
          id: `demo-answer-${who}-${drill}-${day}`,
          learnerId,
          drill,
          topic,
          seed,
          answer,
          quality: mark.quality,
          mark,
          seconds: SECONDS,
          answeredAt: new Date(now.getTime() - (DAYS - day) * DAY_MS).toISOString(),
        };
      }),
    ),
  );
}
