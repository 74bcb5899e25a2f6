'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import type { Ski } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { SKI_TYPE_WORDS } from '@/ui/format/words';
import { Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';

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
      question="Which ski is it?"
      answer={
        <Text textStyle="title">
          {labels.length === all ? all : `${labels.length} of ${all}`} labels to print and stick on
        </Text>
      }
    >
      <Box className="no-print" display="flex" gap="4" mb="6">
        <ActionButton onClick={() => window.print()}>Print</ActionButton>
        <SheetLink href={back}>Back to the skis</SheetLink>
        {next && <SheetLink href={next}>Next labels</SheetLink>}
      </Box>
      <Text className="no-print" textStyle="small" color="faint" mb="4">
        They lead to {origin}.{' '}
        {isOwnMachine
          ? 'That is this machine alone: for a tablet, open this page under the address the tablet uses, then print.'
          : 'Print them from the address your tablets use.'}
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
              aria-label={`QR label of ${ski.name}`}
              dangerouslySetInnerHTML={{ __html: qr }}
            />
            <Box>
              <Text textStyle="strong">{ski.name}</Text>
              <Text textStyle="small">
                {SKI_TYPE_WORDS[ski.type]}, {ski.lengthCm} cm
              </Text>
              {ski.owner && <Text textStyle="small">{ski.owner}</Text>}
            </Box>
          </Box>
        ))}
      </Grid>
    </Sheet>
  );
}
