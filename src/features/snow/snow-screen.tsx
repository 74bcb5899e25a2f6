'use client';

import { useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import { Grid, Text } from '@chakra-ui/react';
import { demand, pick, type OutingFacts, type PickResult } from '@/core/wax';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { snowSchema } from '@/formats/schemas/snow';
import { validate } from '@/formats/schemas/validation';
import { temperatureWithSpread } from '@/ui/format/quantities';
import { dayAndTime } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { SOURCE_WORDS } from '@/ui/format/words';
import { Part, Sheet } from '@/ui/frame/sheet';
import type { ShownProduct } from '@/ui/wax/ranking-list';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { withdrawReadingAction } from './actions';
import { ImportReadings } from './import-readings';
import { LiveAnswer } from './live-answer';
import { ReadingForm } from './reading-form';
import { ReadingsList } from './readings-list';
import { useReadingForm, type ReadingDraft } from './use-reading-form';

interface SnowScreenProps {
  outing: Outing;
  readings: readonly Reading[];
  products: readonly ShownProduct[];
  correctedId: string | undefined;
}

/** The Snow screen: what the snow is now, and what that asks for while one types. */
export function SnowScreen({ outing, readings, products, correctedId }: SnowScreenProps) {
  const router = useRouter();
  const latest = readings[0];
  const corrected = readings.find((one) => one.id === correctedId);
  const form = useReadingForm({ outingId: outing.id, latest, corrected });
  const { result, missing } = useLiveResult(form.values, latest, outing, products);
  const pickHref = `/outing/${outing.id}/pick`;
  const snowHref = `/outing/${outing.id}/snow`;
  const [savedId, setSavedId] = useState<string>();
  const onSaved = (id: string) => {
    setSavedId(id);
    if (corrected) router.replace(snowHref);
  };
  const undoSave = async () => {
    if (savedId) await withdrawReadingAction(savedId);
    setSavedId(undefined);
  };
  return (
    <Sheet
      question="What is the snow?"
      answer={<SnowAnswer draft={form.values} latest={latest} timeZone={outing.venue.timeZone} />}
    >
      <Grid templateColumns={{ base: '1fr', lg: '7fr 5fr' }} gap={{ base: '0', lg: '10' }}>
        <div>
          {savedId && (
            <UndoNotice
              message="Reading saved."
              onUndo={() => void undoSave()}
              onClose={() => setSavedId(undefined)}
            />
          )}
          <Part title={corrected ? 'Correct this reading' : 'Take a reading'}>
            <ReadingForm
              key={corrected?.id ?? 'new'}
              form={form}
              timeZone={outing.venue.timeZone}
              isCorrection={corrected !== undefined}
              onSaved={onSaved}
            />
          </Part>
        </div>
        <LiveAnswer result={result} products={products} missing={missing} pickHref={pickHref} />
      </Grid>
      <ReadingsList readings={readings} outing={outing} />
      <ImportReadings outingId={outing.id} timeZone={outing.venue.timeZone} />
    </Sheet>
  );
}

function SnowAnswer(props: { draft: ReadingDraft; latest: Reading | undefined; timeZone: string }) {
  const units = useUnits();
  const { draft, latest, timeZone } = props;
  const { temperatureC, temperatureSdC } = draft;
  if (temperatureC !== undefined && temperatureC <= 0) {
    const sd = temperatureSdC !== undefined && temperatureSdC > 0 ? temperatureSdC : 0.8;
    return (
      <>
        <Text textStyle="hero">{temperatureWithSpread(temperatureC, sd, units)}</Text>
        <Text textStyle="body">as typed, not saved yet</Text>
      </>
    );
  }
  if (!latest) {
    return <Text textStyle="title">No reading yet. Measure the snow and type it in below.</Text>;
  }
  return (
    <>
      <Text textStyle="hero" data-testid="snow-now">
        {temperatureWithSpread(latest.temperatureC, latest.temperatureSdC, units)}
      </Text>
      <Text textStyle="body">
        {latest.source === 'guess'
          ? 'guessed, not measured'
          : `measured (${SOURCE_WORDS[latest.source]?.toLowerCase() ?? latest.source})`}
        , {dayAndTime(latest.takenAt, timeZone)}
        {latest.spot ? `, ${latest.spot}` : ''}
      </Text>
    </>
  );
}

/** The choice for the values as typed; before a temperature is typed, for the last reading's. */
function useLiveResult(
  values: ReadingDraft,
  latest: Reading | undefined,
  outing: Outing,
  products: readonly ShownProduct[],
): { result: PickResult | undefined; missing: string | undefined } {
  return useMemo(() => {
    const isTyped = values.temperatureC !== undefined;
    const snow = isTyped ? values : { ...values, ...latestTemperature(latest) };
    if (snow.temperatureC === undefined) {
      return { result: undefined, missing: 'Enter the snow temperature, or guess it.' };
    }
    const checked = validate(snowSchema, snow);
    if (!checked.ok) {
      return { result: undefined, missing: 'Mend the marked fields to see what it asks for.' };
    }
    const facts: OutingFacts = outing;
    const own = { venueC: outing.venue.ownCorrectionC, handC: 0 };
    if (products.length === 0) {
      const asked = demand(checked.value, facts, own);
      const cautions = ['The shelf is empty: put waxes on it under Shelf.'];
      return {
        result: { ...asked, ranking: [], cautions, modelVersion: '' },
        missing: undefined,
      };
    }
    return { result: pick(checked.value, facts, products, own), missing: undefined };
  }, [values, latest, outing, products]);
}

const latestTemperature = (latest: Reading | undefined) =>
  latest && { temperatureC: latest.temperatureC, temperatureSdC: latest.temperatureSdC };
