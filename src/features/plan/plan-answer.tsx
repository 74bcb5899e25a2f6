'use client';

import { Text } from '@chakra-ui/react';
import { leastSure, type Slack } from '@/core/plan';
import { useWords } from '@/ui/format/use-words';
import { percent } from '@/words/quantities';
import { dayAndTime, span, timeBeside } from '@/words/times';
import { visitInWords } from '@/words/rendered/visit';
import { planScreenWords } from '@/words/screens/plan';
import type { PlanNow } from './use-cases/load-plan';

const WORDS = planScreenWords.planScreen;

const MINUTE_MS = 60_000;
/** Below this it is worth saying how often a pair is in time. */
const SURE = 0.95;
/** A pair later than this is late; less is rounding. */
const LATE_MIN = 1;

interface PlanAnswerProps {
  now: PlanNow;
  /** Names of waxes by id. */
  products: Readonly<Record<string, string>>;
}

/** When all are ready, or how many are late; how sure that is, and how far from the best. */
export function PlanAnswer({ now, products }: PlanAnswerProps) {
  const { plan, summary } = now;
  const { timeZone } = plan;
  const late = summary.pairs.filter(({ lateMin }) => lateMin >= LATE_MIN);
  const missed = late.filter(
    ({ pairId, readyMs }) => readyMs > plan.pairs.find(({ id }) => id === pairId)!.startMs,
  ).length;
  const worstMin = Math.max(0, ...late.map(({ lateMin }) => lateMin));
  const finish = shortest(summary.finishMs, plan);
  const nameOf = (pairId: string) => plan.pairs.find(({ id }) => id === pairId)?.skiName ?? '';
  const share = percent(summary.gap);
  const isGapOfLateness = summary.weightedLatenessMin > plan.lowerBound.weightedLatenessMin + 1;
  return (
    <>
      <Text textStyle="hero" data-testid="plan-answer">
        {plan.left.length > 0
          ? WORDS.cannotBeReady(plan.left.length, plan.pairs.length)
          : missed > 0
            ? WORDS.missStart(missed, summary.pairs.length)
            : late.length > 0
              ? WORDS.someLate(late.length, summary.pairs.length)
              : WORDS.allReady(summary.pairs.length, finish)}
      </Text>
      {late.length > 0 && (
        <Text textStyle="title" color="danger">
          {WORDS.byAtMost(span(worstMin * MINUTE_MS))}
        </Text>
      )}
      {plan.left.map(({ pairId, message }) => (
        <Text key={pairId} textStyle="strong" color="danger">
          {WORDS.leftOut(nameOf(pairId), message)}
        </Text>
      ))}
      <Tightest now={now} products={products} />
      <Text textStyle="small" color="faint">
        {[
          WORDS.planOf([...new Set(plan.pairs.map(({ outingName }) => outingName))].join(', ')),
          summary.gap < 0.005
            ? WORDS.best
            : isGapOfLateness
              ? WORDS.gapLate(share)
              : WORDS.gapTime(share),
          plan.isMoved ? WORDS.moved : '',
          WORDS.madeAt(dayAndTime(plan.madeAt, timeZone)),
        ]
          .filter(Boolean)
          .join(' ')}
      </Text>
    </>
  );
}

const iso = (ms: number) => new Date(ms).toISOString();

/** The clock alone on the day of the first start, else with its day. */
function shortest(ms: number, { pairs, timeZone }: PlanNow['plan']): string {
  const firstMs = Math.min(...pairs.map(({ startMs }) => startMs));
  return timeBeside(iso(ms), iso(firstMs), timeZone);
}

/** The pair that is least sure to be in time, and where slack would help it. */
function Tightest({ now: { plan, sureness, slack }, products }: PlanAnswerProps) {
  const least = leastSure(sureness);
  const pair = plan.pairs.find(({ id }) => id === least?.pairId);
  if (!least || !pair) return null;
  const at = (ms: number) =>
    Number.isFinite(ms) ? dayAndTime(iso(ms), plan.timeZone) : WORDS.never;
  return (
    <Text textStyle="body">
      {WORDS.tight(pair.skiName, at(least.sureMs), at(pair.dueMs))}
      {least.inTime < SURE && ` ${WORDS.inTime(percent(least.inTime))}`}
      {slack && <SlackLine plan={plan} slack={slack} products={products} />}
    </Text>
  );
}

/** Before which step time should be kept free, and what that reaches. */
function SlackLine({
  plan,
  slack,
  products,
}: Pick<PlanAnswerProps, 'products'> & { plan: PlanNow['plan']; slack: Slack }) {
  const { write } = useWords();
  const { free } = slack;
  if (!free) return ` ${WORDS.noSlackHelps}`;
  const { task, minutes, inTime } = free;
  const step = plan.pairs.find(({ id }) => id === task.pairId)!.steps[task.index]!;
  const what = visitInWords(step, { products, write });
  const clock = dayAndTime(iso(task.startMs), plan.timeZone);
  return ` ${WORDS.slack({ minutes, what, clock, who: task.technicianId, share: percent(inTime) })}`;
}
