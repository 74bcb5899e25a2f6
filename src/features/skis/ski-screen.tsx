'use client';

import { useState } from 'react';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { Ski } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { skiWords } from '@/words/areas/ski';
import { termsWords } from '@/words/areas/terms';
import { skisScreenWords } from '@/words/screens/skis';
import { useWords } from '@/ui/format/use-words';
import { afterPage, room } from '@/ui/frame/after-page';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { ActNotice } from '@/writes/act-notice';
import { useAct } from '@/writes/use-act';
import { LookOverPart } from './look-over-part';
import { ReserveBar } from './reserve-bar';
import { SkiPhotos } from './ski-photos';
import type { SkiView } from './use-cases/load-skis';

/** What is filled in now and then comes after the page, into its place. */
const EventsPart = afterPage(
  () => import('./events-part').then((module) => module.EventsPart),
  room({ minH: '420px' }),
);
const SkiForm = afterPage(
  () => import('./ski-form').then((module) => module.SkiForm),
  room({ minH: '700px' }),
);

const WORDS = skisScreenWords.skiScreen;

interface SkiScreenProps {
  view: SkiView;
  outingId: string;
  timeZone: string;
  /** The ski’s label as an SVG. */
  qr: string;
}

function facts(ski: Ski): string {
  return [
    termsWords.SKI_TYPE_WORDS[ski.type],
    WORDS.cm(ski.lengthCm),
    WORDS.waistMm(ski.waistMm),
    ski.grindMm === undefined ? '' : WORDS.grindMm(ski.grindMm, ski.grindPattern ?? '').trim(),
    ski.sideBevelDeg === undefined
      ? ''
      : WORDS.edgesBaseSide(ski.baseBevelDeg ?? 1, ski.sideBevelDeg),
    ski.owner && WORDS.of(ski.owner),
  ]
    .filter(Boolean)
    .join(', ');
}

/** One ski: how full it is, what was seen on it, what happened to it. */
export function SkiScreen({ view, outingId, timeZone, qr }: SkiScreenProps) {
  const { ski, care } = view;
  const { say } = useWords();
  const [isChanging, setIsChanging] = useState(false);
  /** The form was closed: its button is next. */
  const [hasChanged, setHasChanged] = useState(false);
  const path = `/outing/${outingId}`;
  const acts = useAct();
  const takeOff = () =>
    acts.write(
      'ski.remove',
      { id: ski.id },
      { said: () => WORDS.isOffTheRackIts(ski.name), undo: () => ['ski.restore', { id: ski.id }] },
    );
  return (
    <Sheet
      question={`${facts(ski)}.`}
      answer={
        <>
          <Text textStyle="hero">{ski.name}</Text>
          <Flex align="center" gap="6" wrap="wrap" mt="2">
            <Box
              aria-label={WORDS.waxReserve(Math.round(care.reserve * 100))}
              role="group"
              data-testid="reserve"
            >
              <ReserveBar reserve={care.reserve} isLarge />
            </Box>
            <Text textStyle="body">
              {care.isStored ? WORDS.stored : ''}
              {care.due.length === 0
                ? WORDS.waxIsInKmSince(Math.round(care.kmSinceWax))
                : care.due.map((sign) => say(skiWords.CARE, sign)).join(' ')}
            </Text>
          </Flex>
        </>
      }
    >
      <ActNotice acts={acts} />
      <Flex gap="4" wrap="wrap" mb="6" className="no-print">
        <SheetLink href={`${path}/bench?ski=${ski.id}`}>{WORDS.makeTheJobSheet}</SheetLink>
        <SheetLink href={`${path}/skis`}>{WORDS.allSkis}</SheetLink>
      </Flex>
      <LookOverPart view={view} />
      <Grid templateColumns={{ base: '1fr', lg: '7fr 5fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <EventsPart skiId={ski.id} events={view.events} timeZone={timeZone} />
        </Box>
        <Box minW="0">
          <Part title={WORDS.itsLabel}>
            <Text textStyle="small" color="faint" mb="2">
              {WORDS.scannedOnATabletIn}
            </Text>
            <Box
              w="150px"
              bg="bone.50"
              role="img"
              aria-label={WORDS.qrLabelOf(ski.name)}
              dangerouslySetInnerHTML={{ __html: qr }}
            />
          </Part>
          <SkiPhotos skiId={ski.id} photoIds={view.photoIds} />
          <Part title={WORDS.thePairItself}>
            {ski.note && <Text textStyle="body">{ski.note}</Text>}
            {isChanging ? (
              <SkiForm
                start={ski}
                onDone={() => {
                  setIsChanging(false);
                  setHasChanged(true);
                }}
              />
            ) : (
              <Flex gap="4" wrap="wrap">
                <ActionButton quiet autoFocus={hasChanged} onClick={() => setIsChanging(true)}>
                  {WORDS.changeIt}
                </ActionButton>
                <ActionButton quiet onClick={() => void takeOff()}>
                  {WORDS.takeOffTheRack}
                </ActionButton>
              </Flex>
            )}
          </Part>
        </Box>
      </Grid>
    </Sheet>
  );
}
