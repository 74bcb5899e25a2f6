'use client';

import type { Choice, Outing } from '@/core/model';
import { useState } from 'react';
import { Box, Flex, Text } from '@chakra-ui/react';
import { ActionButton } from '@/ui/fields/action-button';
import { temperature } from '@/words/quantities';
import { dayAndTime } from '@/words/times';
import { useUnits } from '@/ui/format/units-context';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { wallLines, wallText } from './wall-text';
import { pickScreenWords } from '@/words/screens/pick';

const WORDS = pickScreenWords.wallSheet;

/** One page for the cabin wall: the saved choice, to print or to copy as text. */
export function WallSheet({ outing, choice }: { outing: Outing; choice: Choice | undefined }) {
  const units = useUnits();
  const [notice, setNotice] = useState<string>();
  const back = `/outing/${outing.id}/pick`;
  if (!choice) {
    return (
      <Sheet
        question={WORDS.wallSheet}
        answer={<Text textStyle="title">{WORDS.noChoiceSaved}</Text>}
      >
        <SheetLink href={back}>{WORDS.chooseTheWaxFirst}</SheetLink>
      </Sheet>
    );
  }
  const lines = wallLines(choice, (celsius) => temperature(celsius, units));
  const start = dayAndTime(outing.startAt, outing.venue.timeZone);
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(wallText(outing, start, lines));
      setNotice(WORDS.copiedAsText);
    } catch {
      setNotice(WORDS.copyRefused);
    }
  };
  return (
    <Sheet
      question={WORDS.start(outing.name, outing.venue.name, start)}
      answer={<Text textStyle="hero">{choice.productName}</Text>}
    >
      <Flex className="no-print" gap="4" align="center" wrap="wrap" mb="6">
        <ActionButton onClick={() => window.print()}>{WORDS.print}</ActionButton>
        <ActionButton quiet onClick={() => void copy()}>
          {WORDS.copyAsText}
        </ActionButton>
        <SheetLink href={back}>{WORDS.backToTheChoice}</SheetLink>
        <Text textStyle="small" role="status">
          {notice}
        </Text>
      </Flex>
      {choice.details && (
        <Text textStyle="strong" mb="4" maxW="860px">
          {choice.details.sentence}
        </Text>
      )}
      <Box as="dl" maxW="860px" m="0">
        {lines.slice(1).map((line) => (
          <Box
            key={`${line.name} ${line.text}`}
            display="grid"
            gridTemplateColumns="150px 1fr"
            columnGap="4"
            py="2"
            borderTopWidth="1px"
            borderColor="rule"
          >
            <Text as="dt" textStyle="body" color="faint">
              {line.name}
            </Text>
            <Text as="dd" textStyle="body" m="0">
              {line.text}
            </Text>
          </Box>
        ))}
      </Box>
      <Text textStyle="small" color="faint" mt="4">
        {WORDS.smallPrint(dayAndTime(choice.createdAt, outing.venue.timeZone), choice.modelVersion)}
      </Text>
    </Sheet>
  );
}
