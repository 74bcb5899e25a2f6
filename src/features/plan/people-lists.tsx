'use client';

import { startTransition } from 'react';
import type { Cabin } from '@/core/model';
import { Box, Flex, SimpleGrid, Text } from '@chakra-ui/react';
import { openBlocks, type Block, type PlannedTask } from '@/core/plan';
import { useWords } from '@/ui/format/use-words';
import { useTicks } from '@/ui/fields/use-ticks';
import { useWrite } from '@/ui/fields/use-write';
import { Tick } from '@/ui/fields/check-list';
import { RowMenu } from '@/ui/frame/row-menu';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { clockTime } from '@/words/times';
import { planScreenWords } from '@/words/screens/plan';
import type { PlanNow } from './use-cases/load-plan';
import type { usePlan } from './use-plan';
import { visitInWords } from '@/words/rendered/visit';
import { act } from '@/writes/act';

const WORDS = planScreenWords.peopleLists;

const SHOWN_BLOCKS = 3;

interface PeopleListsProps {
  now: PlanNow;
  products: Readonly<Record<string, string>>;
  nowMs: number;
  planner: ReturnType<typeof usePlan>;
  cabin: Cabin;
  outingId: string;
  /** Somebody leaves: with the cabin as it is without them. */
  onLeft: (cabin: Cabin) => void;
}

/** What each person does next: three blocks, the first with a tick for each of its pairs. */
export function PeopleLists(props: PeopleListsProps) {
  const { now, nowMs } = props;
  const stateOf = ({ pairId, index }: PlannedTask) => now.visits[pairId]?.[index]?.state ?? 'ahead';
  const blocks = openBlocks(now.plan.tasks, stateOf);
  const people = [...new Set(now.plan.cabin.people.map(({ id }) => id))];
  return (
    <Part title={WORDS.title}>
      <SimpleGrid minChildWidth="280px" gap={{ base: '4', md: '8' }}>
        {people.map((name) => (
          <PersonList
            key={name}
            name={name}
            blocks={blocks.filter(({ technicianId }) => technicianId === name)}
            isThere={now.plan.cabin.people.some(({ id, toMs }) => id === name && toMs > nowMs)}
            {...props}
          />
        ))}
      </SimpleGrid>
    </Part>
  );
}

/** The cabin from now on without somebody. */
function without(cabin: Cabin, name: string, nowMs: number): Cabin {
  return {
    ...cabin,
    people: cabin.people.flatMap((person) => {
      if (person.id !== name || person.toMs <= nowMs) return [person];
      return person.fromMs < nowMs ? [{ ...person, toMs: nowMs }] : [];
    }),
  };
}

interface PersonListProps extends PeopleListsProps {
  name: string;
  blocks: readonly Block[];
  isThere: boolean;
}

function PersonList(props: PersonListProps) {
  const { name, blocks, isThere, cabin, nowMs, onLeft } = props;
  return (
    <Box data-testid="person-list" minW="0">
      <Flex justify="space-between" align="center">
        <Text textStyle="strong">{name}</Text>
        <Box className="no-print">
          <RowMenu
            label={WORDS.menu(name)}
            actions={[
              {
                key: 'calendar',
                title: WORDS.calendar,
                label: WORDS.calendarOf(name),
                onSelect: () => {
                  // A file: the page stays.
                  window.open(`/api/v1/plan/calendar?person=${encodeURIComponent(name)}`, '_self');
                },
              },
              ...(isThere
                ? [
                    {
                      key: 'leaves',
                      title: WORDS.leaves,
                      label: WORDS.leavesWho(name),
                      onSelect: () => onLeft(without(cabin, name, nowMs)),
                    },
                  ]
                : []),
            ]}
          />
        </Box>
      </Flex>
      {blocks.length > 0 && (
        <Box className="no-print">
          <SheetLink href={`/outing/${props.outingId}/bench?who=${encodeURIComponent(name)}`}>
            {WORDS.workBlock(name)}
          </SheetLink>
        </Box>
      )}
      {blocks.length === 0 ? (
        <Text textStyle="body" color="faint">
          {WORDS.nothing}
        </Text>
      ) : (
        blocks.map((block, place) => (
          // On paper all of the day; on the screen what comes next.
          <Box
            key={`${block.startMs}:${block.stepKey}`}
            display={place < SHOWN_BLOCKS ? 'block' : 'none'}
            _print={{ display: 'block' }}
          >
            <BlockLine block={block} isFirst={place === 0} {...props} />
          </Box>
        ))
      )}
    </Box>
  );
}

const keyOf = ({ pairId, index }: PlannedTask) => `${pairId}:${index}`;

/** One block: when, what, which pairs; the one to do now has ticks. */
function BlockLine({
  block,
  isFirst,
  now,
  products,
  planner,
}: PersonListProps & { block: Block; isFirst: boolean }) {
  const { write } = useWords();
  const { send } = useWrite();
  const { plan, visits } = now;
  const pairOf = (task: PlannedTask) => plan.pairs.find(({ id }) => id === task.pairId)!;
  const first = block.tasks[0]!;
  const what = visitInWords(pairOf(first).steps[first.index]!, { products, write });
  const { ticked, tick } = useTicks(async (key, isOn) => {
    const task = block.tasks.find((one) => keyOf(one) === key)!;
    const { pairId, index } = task;
    const done = await send(`tick:${key}:${isOn}:${plan.id}`, (writeKey) =>
      act('job.tick', writeKey, { pairId, index, isBack: !isOn }),
    );
    if (!done) return;
    const pair = pairOf(task).skiName;
    startTransition(() => {
      planner.say(
        done.ok ? (isOn ? WORDS.ticked : WORDS.unticked)(pair, what) : done.error.message,
      );
    });
  });
  const isDone = (task: PlannedTask) =>
    ticked(keyOf(task)) ??
    ['waiting', 'done'].includes(visits[task.pairId]?.[task.index]?.state ?? 'ahead');
  const from = clockTime(new Date(block.startMs).toISOString(), plan.timeZone);
  return (
    <Box borderTopWidth="1px" borderColor="rule" py="2">
      <Text textStyle={isFirst ? 'title' : 'body'}>{WORDS.block(from, what)}</Text>
      {isFirst ? (
        block.tasks.map((task) => (
          <Box key={keyOf(task)} data-testid="tick">
            <Tick
              label={pairOf(task).skiName}
              checked={isDone(task)}
              onChange={(isOn) => tick(keyOf(task), isOn)}
            />
          </Box>
        ))
      ) : (
        <Text textStyle="small" color="faint">
          {block.tasks.map((task) => pairOf(task).skiName).join(', ')}
        </Text>
      )}
    </Box>
  );
}
