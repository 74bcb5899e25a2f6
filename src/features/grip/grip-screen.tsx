'use client';

import { Box, Grid, Text } from '@chakra-ui/react';
import type { GripChoice } from '@/core/grip';
import type { Outing } from '@/data/outings';
import { temperature } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { PocketPart } from './pocket-part';
import { NoWaxPart, TroublePart } from './trouble-part';
import type { GripView } from './use-cases/load-grip';
import { useGrip, type GripState } from './use-grip';

const KIND_WORDS = {
  stick: 'Stick',
  klister: 'Klister',
  klister_with_cover: 'Klister under a cover of stick',
} as const;
const MOST_ROWS = 5;
/** Beyond this a figure says no more than “far off”, %. */
const MOST_SHOWN = 10;

/** The Grip screen: which wax, where it begins and ends, and what to do when it fails. */
export function GripScreen({ outing, view }: { outing: Outing; view: GripView }) {
  const state = useGrip(outing, view);
  const { choice } = state;
  return (
    <Sheet
      question="What grips, and where?"
      answer={<Answer state={state} view={view} outing={outing} />}
    >
      {choice?.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Grid templateColumns={{ base: '1fr', lg: '6fr 6fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <PocketPart state={state} />
          <NoWaxPart />
        </Box>
        <Box minW="0">
          <TroublePart outingId={outing.id} timeZone={outing.venue.timeZone} tried={view.tried} />
          {choice && <WaxPart choice={choice} />}
        </Box>
      </Grid>
    </Sheet>
  );
}

function Answer({ state, view, outing }: { state: GripState; view: GripView; outing: Outing }) {
  const units = useUnits();
  const { choice, fit } = state;
  const best = choice?.ranking[0];
  if (!view.snow) {
    return (
      <>
        <Text textStyle="title">Measure the snow first.</Text>
        <SheetLink href={`/outing/${outing.id}/snow`}>Take a reading</SheetLink>
      </>
    );
  }
  if (!choice || !best) {
    return (
      <>
        <Text textStyle="title">
          {choice?.cautions.at(-1) ?? 'There is no grip wax on the shelf.'}
        </Text>
        <SheetLink href={`/outing/${outing.id}/shelf`}>Put one on the shelf</SheetLink>
      </>
    );
  }
  const zone = choice.kind === 'stick' ? fit.zone : (fit.klisterZone ?? fit.zone);
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="grip-product">
        {best.name}
      </Text>
      <Text textStyle="strong" mt="1" maxW="860px" textWrap="pretty" data-testid="grip-sentence">
        {KIND_WORDS[choice.kind]}, {choice.layers} {choice.layers === 1 ? 'layer' : 'layers'}
        {choice.binder && ` over ${choice.binder.name}`}, from {Math.round(zone.startCm)} to{' '}
        {Math.round(zone.endCm)} cm ahead of the heel plate
        {fit.basis === 'rule' ? ' by the simple rule' : ''}: for snow at{' '}
        {temperature(view.snow.temperatureC, units)} along the course,{' '}
        {choice.isNewSnow ? 'new' : 'old'}.
      </Text>
      <Text textStyle="body" mt="1">
        {choice.kindReason} {choice.layersReason} Holds about {choice.wearKm} km. {choice.carry}
      </Text>
      {outing.discipline !== 'classic' && (
        <Text textStyle="small" color="faint" mt="1">
          This outing is not classic: skis for it carry no grip zone.
        </Text>
      )}
    </Box>
  );
}

function WaxPart({ choice }: { choice: GripChoice }) {
  const percent = (value: number) =>
    value < 0.005 ? '0' : value > MOST_SHOWN ? `over ${MOST_SHOWN} %` : `${value.toFixed(2)} %`;
  return (
    <>
      <Part title="The shelf for grip">
        <DataTable
          caption="Grip products by what slipping and dragging would cost"
          columns={[
            { title: 'Product' },
            { title: 'Slips', isNumber: true },
            { title: 'Drags', isNumber: true },
            { title: 'Why' },
          ]}
          rows={choice.ranking.slice(0, MOST_ROWS).map((one) => ({
            key: one.id,
            cells: [
              <strong key="name">{one.name}</strong>,
              percent(one.slipPercent),
              percent(one.dragPercent),
              one.reason,
            ],
          }))}
        />
      </Part>
      <Part title="Why this temperature">
        <LedgerTable lines={choice.lines} equivalentTemperatureC={choice.gripTemperatureC} />
      </Part>
    </>
  );
}
