'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import type { Ski } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';

const WORDS = skisScreenWords.labelsSheet;

export interface SkiLabel {
  ski: Ski;
  qr: string;
}

/** Labels of all skis, to print and stick on: scanned, they open the ski. */
export function LabelsSheet(props: {
  labels: readonly SkiLabel[];
  back: string;
  /** The address the labels lead to. */
  origin: string;
  /** How many skis there are, and where the next labels stand. */
  all: number;
  next: string | undefined;
}) {
  const { labels, back, origin, all, next } = props;
  const isOwnMachine = /\/\/(127\.|localhost)/.test(origin);
  return (
    <Sheet
      question={WORDS.whichSkiIsIt}
      answer={
        <Text textStyle="title">
          {WORDS.labelsToPrint(labels.length === all ? all : WORDS.of(labels.length, all))}
        </Text>
      }
    >
      <Box className="no-print" display="flex" gap="4" mb="6">
        <ActionButton onClick={() => window.print()}>{WORDS.print}</ActionButton>
        <SheetLink href={back}>{WORDS.backToTheSkis}</SheetLink>
        {next && <SheetLink href={next}>{WORDS.nextLabels}</SheetLink>}
      </Box>
      <Text className="no-print" textStyle="small" color="faint" mb="4">
        {WORDS.theyLeadTo(
          origin,
          isOwnMachine ? WORDS.thatIsThisMachineAlone : WORDS.printThemFromTheAddress,
        )}
      </Text>
      <Grid templateColumns="repeat(auto-fill, minmax(260px, 1fr))" gap="3">
        {labels.map(({ ski, qr }) => (
          <Box
            key={ski.id}
            display="flex"
            gap="3"
            alignItems="center"
            borderWidth="1px"
            borderColor="edge"
            borderStyle="dashed"
            p="2"
            css={{ breakInside: 'avoid' }}
          >
            <Box
              w="84px"
              flexShrink="0"
              bg="bone.50"
              role="img"
              aria-label={WORDS.qrLabelOf(ski.name)}
              dangerouslySetInnerHTML={{ __html: qr }}
            />
            <Box>
              <Text textStyle="strong">{ski.name}</Text>
              <Text textStyle="small">
                {WORDS.cm(termsWords.SKI_TYPE_WORDS[ski.type], ski.lengthCm)}
              </Text>
              {ski.owner && <Text textStyle="small">{ski.owner}</Text>}
            </Box>
          </Box>
        ))}
      </Grid>
    </Sheet>
  );
}
