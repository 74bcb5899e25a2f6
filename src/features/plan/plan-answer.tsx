'use client';

import { Text } from '@chakra-ui/react';
import { localFromInstant } from '@/core/time';
import { percent } from '@/words/quantities';
import { clockTime, dayAndTime, span } from '@/words/times';
import { planScreenWords } from '@/words/screens/plan';
import type { PlanNow } from './use-cases/load-plan';

const WORDS = planScreenWords.planScreen;

const MINUTE_MS = 60_000;
/** Below this it is worth saying how often a pair is in time. */
const SURE = 0.95;
/** A pair later than this is late; less is rounding. */
const LATE_MIN = 1;

/** When all are ready, or how many are late; how sure that is, and how far from the best. */
export function PlanAnswer({ now }: { now: PlanNow }) {
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
      <Tightest now={now} />
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
const localDay = (ms: number, timeZone: string) => localFromInstant(iso(ms), timeZone).slice(0, 10);

/** The clock alone on the day of the first start, else with its day. */
function shortest(ms: number, { pairs, timeZone }: PlanNow['plan']): string {
  const firstMs = Math.min(...pairs.map(({ startMs }) => startMs));
  const isSameDay = localDay(ms, timeZone) === localDay(firstMs, timeZone);
  return (isSameDay ? clockTime : dayAndTime)(iso(ms), timeZone);
}

/** The pair that is least sure to be in time, in one sentence. */
function Tightest({ now: { plan, sureness } }: { now: PlanNow }) {
  const [least] = [...sureness].sort((a, b) => a.inTime - b.inTime || b.sureMs - a.sureMs);
  const pair = plan.pairs.find(({ id }) => id === least?.pairId);
  if (!least || !pair) return null;
  const at = (ms: number) =>
    Number.isFinite(ms) ? dayAndTime(iso(ms), plan.timeZone) : WORDS.never;
  return (
    <Text textStyle="body">
      {WORDS.tight(pair.skiName, at(least.sureMs), at(pair.dueMs))}
      {least.inTime < SURE && ` ${WORDS.inTime(percent(least.inTime))}`}
    </Text>
  );
}
