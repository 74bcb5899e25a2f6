'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import type { Dispute } from '@/core/model';
import { ActionButton } from '@/ui/fields/action-button';
import { Part } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { practiceScreenWords } from '@/words/screens/practice';
import { dayAndTime } from '@/words/times';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { drillHref } from './drill-href';

const WORDS = practiceScreenWords.disputes;
const ownZone = () => Intl.DateTimeFormat().resolvedOptions().timeZone;

/** Answers of the model that somebody would not sign: for the team to look at and to settle. */
export function DisputesPart({ disputes }: { disputes: readonly Dispute[] }) {
  const acts = useAct();
  const settle = (id: string) => acts.write('practice.settle', { id });
  return (
    <Part title={WORDS.title}>
      <ActNotice acts={acts} />
      <Box as="ul" listStyleType="none" p="0" m="0" aria-label={WORDS.caption}>
        {disputes.map((one) => {
          const what = practiceScreenWords.DRILL[one.drill];
          const who = one.learnerName === '' ? WORDS.nobody : one.learnerName;
          return (
            <Flex
              as="li"
              key={one.id}
              justify="space-between"
              align="center"
              gap="4"
              wrap="wrap"
              py="2"
              borderTopWidth="1px"
              borderColor="rule"
            >
              <Box minW="0">
                <Text textStyle="strong">
                  {what}, {who}
                </Text>
                {one.words && <Text textStyle="body">{one.words}</Text>}
                <Text textStyle="small" color="faint">
                  {dayAndTime(one.disputedAt, ownZone())}
                </Text>
              </Box>
              <Flex gap="4" align="center">
                <SheetLink href={drillHref(one)} label={`${WORDS.open}: ${what}`}>
                  {WORDS.open}
                </SheetLink>
                {one.settledAt === undefined ? (
                  <ActionButton
                    quiet
                    loading={acts.isBusy}
                    aria-label={WORDS.settleOf(`${what}, ${who}`)}
                    onClick={() => void settle(one.id)}
                  >
                    {WORDS.settle}
                  </ActionButton>
                ) : (
                  <Text textStyle="small">{WORDS.settled}</Text>
                )}
              </Flex>
            </Flex>
          );
        })}
      </Box>
    </Part>
  );
}
