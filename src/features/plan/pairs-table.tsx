'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { useWords } from '@/ui/format/use-words';
import { RowTable, type RowColumn } from '@/ui/frame/data-table';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { dayAndTime, span } from '@/words/times';
import { languageTag } from '@/words/locale';
import { planScreenWords } from '@/words/screens/plan';
import type { PlannedPair } from '@/core/model';
import type { PlanNow } from './use-cases/load-plan';
import { visitInWords } from '@/words/rendered/visit';

const WORDS = planScreenWords.pairsTable;

const MINUTE_MS = 60_000;

interface PairsTableProps {
  now: PlanNow;
  products: Readonly<Record<string, string>>;
  path: string;
}

/** Every pair of the plan: when it is ready, how sure that is, and where it stands. */
export function PairsTable({ now, products, path }: PairsTableProps) {
  const { write } = useWords();
  const { plan, summary, sureness, visits, jobs } = now;
  const readyOf = new Map(summary.pairs.map((one) => [one.pairId, one]));
  const sureOf = new Map(sureness.map((one) => [one.pairId, one]));
  const at = (ms: number | undefined) =>
    ms === undefined || !Number.isFinite(ms)
      ? '–'
      : dayAndTime(new Date(ms).toISOString(), plan.timeZone);
  const ready = ({ id, startMs }: PlannedPair) => {
    const one = readyOf.get(id);
    if (!one) return '–';
    const late =
      one.lateMin >= 1
        ? WORDS.late(span(one.lateMin * MINUTE_MS))
        : WORDS.before(span(startMs - one.readyMs));
    return (
      <>
        <strong>{at(one.readyMs)}</strong>
        <Text as="span" display="block" color={one.lateMin >= 1 ? 'danger' : 'faint'}>
          {late}
        </Text>
      </>
    );
  };
  const stands = (pair: PlannedPair) => {
    const states = visits[pair.id] ?? [];
    const next = states.findIndex(({ state }) => state === 'ahead' || state === 'running');
    if (states.length > 0 && next < 0) return WORDS.done;
    const step = pair.steps[next];
    if (!step || !jobs[pair.id]) return WORDS.notStarted;
    return WORDS.next(visitInWords(step, { products, write }));
  };
  const columns: RowColumn<PlannedPair>[] = [
    {
      id: 'pair',
      title: WORDS.pair,
      cell: (pair) => <SheetLink href={`${path}/skis/${pair.skiId}`}>{pair.skiName}</SheetLink>,
    },
    { id: 'skier', title: WORDS.skier, cell: (pair) => pair.skierName },
    { id: 'outing', title: WORDS.outing, cell: (pair) => pair.outingName },
    { id: 'ready', title: WORDS.ready, cell: ready },
    { id: 'sure', title: WORDS.sure, cell: (pair) => at(sureOf.get(pair.id)?.sureMs) },
    { id: 'due', title: WORDS.due, cell: (pair) => at(pair.dueMs) },
    { id: 'stands', title: WORDS.stands, cell: stands },
  ];
  const lateOf = ({ id }: PlannedPair) => readyOf.get(id)?.lateMin ?? 0;
  const rows = [...plan.pairs].sort(
    (a, b) =>
      lateOf(b) - lateOf(a) ||
      a.dueMs - b.dueMs ||
      a.skiName.localeCompare(b.skiName, languageTag()),
  );
  return (
    <Part title={WORDS.title}>
      <Box display={{ base: 'block', md: 'none' }} _print={{ display: 'none' }}>
        {rows.map((pair) => (
          <Box key={pair.id} borderTopWidth="1px" borderColor="rule" py="2">
            <Flex justify="space-between" align="baseline" gap="3">
              <SheetLink href={`${path}/skis/${pair.skiId}`}>{pair.skiName}</SheetLink>
              <Text textStyle="body" textAlign="right">
                {ready(pair)}
              </Text>
            </Flex>
            <Text textStyle="small" color="faint">
              {`${pair.skierName}. ${stands(pair)}`}
            </Text>
          </Box>
        ))}
      </Box>
      <Box display={{ base: 'none', md: 'block' }} _print={{ display: 'block' }}>
        <RowTable caption={WORDS.caption} columns={columns} rows={rows} keyOf={({ id }) => id} />
      </Box>
    </Part>
  );
}
