'use client';

import { useState } from 'react';
import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import type { Ski } from '@/core/ski';
import { ActionButton } from '@/ui/fields/action-button';
import { useWrite } from '@/ui/fields/use-write';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { SKI_TYPE_WORDS } from '@/ui/format/words';
import { Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { removeSkiAction, restoreSkiAction } from './actions';
import { EventsPart } from './events-part';
import { LookOverPart } from './look-over-part';
import { ReserveBar } from './reserve-bar';
import { SkiForm } from './ski-form';
import { SkiPhotos } from './ski-photos';
import type { SkiView } from './use-cases/load-skis';

interface SkiScreenProps {
  view: SkiView;
  outingId: string;
  timeZone: string;
  /** The ski’s label as an SVG. */
  qr: string;
}

function facts(ski: Ski): string {
  return [
    SKI_TYPE_WORDS[ski.type],
    `${ski.lengthCm} cm`,
    `waist ${ski.waistMm} mm`,
    ski.grindMm === undefined ? '' : `grind ${ski.grindMm} mm ${ski.grindPattern ?? ''}`.trim(),
    ski.sideBevelDeg === undefined
      ? ''
      : `edges ${ski.baseBevelDeg ?? 1}° base, ${ski.sideBevelDeg}° side`,
    ski.owner && `of ${ski.owner}`,
  ]
    .filter(Boolean)
    .join(', ');
}

/** One ski: how full it is, what was seen on it, what happened to it. */
export function SkiScreen({ view, outingId, timeZone, qr }: SkiScreenProps) {
  const { ski, care } = view;
  const [isGone, setIsGone] = useState(false);
  const [isChanging, setIsChanging] = useState(false);
  /** The form was closed: its button is next. */
  const [hasChanged, setHasChanged] = useState(false);
  const path = `/outing/${outingId}`;
  const { send } = useWrite();
  const [problem, setProblem] = useState<string>();
  const setOnRack = async (isOn: boolean) => {
    const action = isOn ? restoreSkiAction : removeSkiAction;
    const done = await send(`${isOn ? 'restore' : 'remove'}:${ski.id}`, (key) =>
      action(key, ski.id),
    );
    if (done) setProblem(done.ok ? undefined : done.error.message);
    if (done?.ok) setIsGone(!isOn);
  };
  return (
    <Sheet
      question={`${facts(ski)}.`}
      answer={
        <>
          <Text textStyle="hero">{ski.name}</Text>
          <Flex align="center" gap="6" wrap="wrap" mt="2">
            <Box
              aria-label={`Wax reserve ${Math.round(care.reserve * 100)} %`}
              role="group"
              data-testid="reserve"
            >
              <ReserveBar reserve={care.reserve} isLarge />
            </Box>
            <Text textStyle="body">
              {care.isStored ? 'Stored. ' : ''}
              {care.due.length === 0
                ? `Wax is in: ${Math.round(care.kmSinceWax)} km since the last coat.`
                : care.due.join(' ')}
            </Text>
          </Flex>
        </>
      }
    >
      <FieldProblemText problem={problem} />
      {isGone && (
        <UndoNotice
          message={`${ski.name} is off the rack; its past stays.`}
          onUndo={() => void setOnRack(true)}
          onClose={() => setIsGone(false)}
        />
      )}
      <Flex gap="4" wrap="wrap" mb="6" className="no-print">
        <SheetLink href={`${path}/bench?ski=${ski.id}`}>Make the job sheet</SheetLink>
        <SheetLink href={`${path}/skis`}>All skis</SheetLink>
      </Flex>
      <LookOverPart view={view} />
      <Grid templateColumns={{ base: '1fr', lg: '7fr 5fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <EventsPart skiId={ski.id} events={view.events} timeZone={timeZone} />
        </Box>
        <Box minW="0">
          <Part title="Its label">
            <Text textStyle="small" color="faint" mb="2">
              Scanned on a tablet in the same network, it opens this page.
            </Text>
            <Box
              w="150px"
              bg="bone.50"
              role="img"
              aria-label={`QR label of ${ski.name}`}
              dangerouslySetInnerHTML={{ __html: qr }}
            />
          </Part>
          <SkiPhotos skiId={ski.id} photoIds={view.photoIds} />
          <Part title="The pair itself">
            {ski.note && <Text textStyle="body">{ski.note}</Text>}
            {isChanging ? (
              <SkiForm
                key={ski.version}
                start={ski}
                onDone={() => {
                  setIsChanging(false);
                  setHasChanged(true);
                }}
              />
            ) : (
              <Flex gap="4" wrap="wrap">
                <ActionButton quiet autoFocus={hasChanged} onClick={() => setIsChanging(true)}>
                  Change it
                </ActionButton>
                <ActionButton quiet onClick={() => void setOnRack(false)}>
                  Take off the rack
                </ActionButton>
              </Flex>
            )}
          </Part>
        </Box>
      </Grid>
    </Sheet>
  );
}
