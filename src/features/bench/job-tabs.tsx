'use client';

import type { Job } from '@/core/model';
import NextLink from 'next/link';
import { Flex, Text, chakra } from '@chakra-ui/react';
import { openJob, type OpenJob } from './open-job';
import { benchScreenWords } from '@/words/screens/bench';

const WORDS = benchScreenWords.jobTabs;

const TAB = {
  px: '4',
  py: '2',
  minH: 'target',
  borderWidth: '1px',
  ml: '-1px',
  borderColor: 'edge',
  whiteSpace: 'nowrap',
} as const;
const Tab = chakra(NextLink);

/** Every ski on the bench as a tab, and the way to another. */
export function JobTabs({
  open,
  job,
  bench,
}: {
  open: readonly OpenJob[];
  job: Job;
  bench: string;
}) {
  const here = openJob(job);
  const others = open.some((one) => one.id === job.id)
    ? open.map((one) => (one.id === job.id ? here : one))
    : [here, ...open];
  return (
    <Flex as="nav" aria-label={WORDS.skisOnTheBench} gap="0" overflowX="auto" mb="6">
      {others.map((one) => {
        const isHere = one.id === job.id;
        return (
          <Tab
            key={one.id}
            href={`${bench}?job=${one.id}`}
            prefetch={false}
            aria-current={isHere ? 'page' : undefined}
            {...TAB}
            bg={isHere ? 'ink' : 'sheet'}
            color={isHere ? 'paper' : 'ink'}
          >
            <Text as="span" textStyle="strong">
              {one.title}
            </Text>{' '}
            <Text as="span" textStyle="small">
              {one.wait ? WORDS.waits : one.isDone ? WORDS.done : WORDS.step(one.position + 1)}
            </Text>
          </Tab>
        );
      })}
      <Tab href={bench} prefetch={false} {...TAB} bg="sheet">
        {WORDS.anotherSki}
      </Tab>
    </Flex>
  );
}
