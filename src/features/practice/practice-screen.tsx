'use client';

import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { FileLink, SheetLink } from '@/ui/frame/sheet-link';
import { Part, Sheet } from '@/ui/frame/sheet';
import { ActionButton, ActionLink } from '@/ui/fields/action-button';
import { practiceScreenWords } from '@/words/screens/practice';
import { DisputesPart } from './disputes-part';
import { GroupPart } from './group-part';
import { PeoplePart } from './people-part';
import { ProgressPart } from './progress-part';
import type { DrillProgress, PracticeData } from './use-cases/load-practice';

const WORDS = practiceScreenWords.home;
const whole = (share: number) => Math.round(100 * share);

interface PracticeScreenProps {
  data: PracticeData;
  /** A round of five minutes has just ended. */
  isRoundDone: boolean;
  /** Where a round of five minutes begins. */
  roundHref: string;
}

/** Who practises, what, how it goes; the group, and what somebody would not sign. */
export function PracticeScreen({ data, isRoundDone, roundHref }: PracticeScreenProps) {
  const { learners, person, group, disputes } = data;
  const { learner } = person;
  return (
    <Box as="main">
      <Sheet
        question={WORDS.title}
        answer={<Text textStyle="title">{learner ? WORDS.asWho(learner.name) : WORDS.noName}</Text>}
      >
        {isRoundDone && (
          <Text textStyle="strong" role="status" mb="3">
            {WORDS.roundDone}
          </Text>
        )}
        <Flex gap="4" align="center" wrap="wrap" mb="6" className="no-print">
          <ActionLink href={roundHref}>{WORDS.five}</ActionLink>
          <Text textStyle="small" color="faint">
            {WORDS.fiveHint}
          </Text>
        </Flex>
        <Grid templateColumns={{ base: 'minmax(0, 1fr)', lg: '1fr 1fr' }} columnGap="10">
          <Box minW="0">
            <Part title={WORDS.drills}>
              <Box as="ul" listStyleType="none" p="0" m="0">
                {person.drills.map((one) => (
                  <DrillLine key={one.drill} progress={one} />
                ))}
              </Box>
              <Text textStyle="small" color="faint" mt="3">
                {WORDS.madeUp}
              </Text>
            </Part>
          </Box>
          <Box minW="0">
            <PeoplePart learners={learners} chosen={learner} />
            <ProgressPart person={person} />
          </Box>
        </Grid>
        {group.length > 1 && <GroupPart group={group} />}
        {disputes.length > 0 && <DisputesPart disputes={disputes} />}
        <Flex gap="5" wrap="wrap" className="no-print">
          <SheetLink href="/">{WORDS.back}</SheetLink>
          {person.answers > 0 && (
            <FileLink href="/api/v1/practice?format=csv">{WORDS.csv}</FileLink>
          )}
          <ActionButton quiet onClick={() => window.print()}>
            {WORDS.print}
          </ActionButton>
        </Flex>
      </Sheet>
    </Box>
  );
}

/** One drill: what it is, what is due, how well it goes, and where it begins. */
function DrillLine({ progress }: { progress: DrillProgress }) {
  const { drill, skill, due, fresh } = progress;
  const name = practiceScreenWords.DRILL[drill];
  const state = [
    skill.answers === 0
      ? WORDS.notYet
      : WORDS.skill(whole(skill.mean), whole(skill.low), whole(skill.high)),
    due > 0 ? WORDS.due(due) : '',
    WORDS.fresh(fresh),
  ].filter((one) => one !== '');
  return (
    <Flex
      as="li"
      justify="space-between"
      align="center"
      gap="4"
      py="2"
      borderTopWidth="1px"
      borderColor="rule"
    >
      <Box minW="0">
        <Text textStyle="strong">{name}</Text>
        <Text textStyle="small">{practiceScreenWords.DRILL_HINT[drill]}</Text>
        <Text textStyle="small" color="faint">
          {state.join(', ')}
        </Text>
      </Box>
      <SheetLink href={`/practice/next?drill=${drill}`} label={WORDS.begin(name)}>
        {WORDS.beginShort}
      </SheetLink>
    </Flex>
  );
}
