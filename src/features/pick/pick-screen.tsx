'use client';

import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useEffect } from 'react';
import type { StartSnow } from '@/core/snow/outlook';
import type { Outing } from '@/data/outings';
import type { Reading } from '@/data/readings';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { TextField } from '@/ui/fields/text-field';
import { probability, temperature, temperatureWithSpread } from '@/ui/format/quantities';
import { dayAndTime } from '@/ui/format/times';
import { useUnits } from '@/ui/format/units-context';
import { GRAIN_WORDS, NEED_WORDS, STRUCTURE_WORDS, WETNESS_WORDS } from '@/ui/format/words';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { SheetLink } from '@/ui/frame/sheet-link';
import { UndoNotice } from '@/ui/frame/undo-notice';
import { NotchGauge } from '@/ui/marks/notch-gauge';
import { Swatch } from '@/ui/marks/swatch';
import { LedgerTable } from '@/ui/wax/ledger-table';
import { RankingList, type ShownProduct } from '@/ui/wax/ranking-list';
import { LossChart } from './loss-chart';
import { OutingFactsForm } from './outing-facts-form';
import { usePick } from './use-pick';

interface PickScreenProps {
  outing: Outing;
  reading: Reading | undefined;
  /** The outlook at the start; undefined without weather. */
  start: StartSnow | undefined;
  products: readonly ShownProduct[];
}

const QUESTION = 'Which wax?';

/** The Pick screen: one answer at the top, its reasons under it, the whole shelf last. */
export function PickScreen(props: PickScreenProps) {
  const { outing, reading, start, products } = props;
  if (!reading && !start) {
    return (
      <Sheet question={QUESTION} answer={<Text textStyle="title">Measure the snow first.</Text>}>
        <Text textStyle="body" mb="2">
          A choice stands on a reading or on an outlook, and this outing has neither.
        </Text>
        <SheetLink href={`/outing/${outing.id}/snow`}>Take a reading</SheetLink>
      </Sheet>
    );
  }
  if (products.length === 0) {
    return (
      <Sheet question={QUESTION} answer={<Text textStyle="title">The shelf is empty.</Text>}>
        <Text textStyle="body" mb="2">
          There is nothing to choose from. Put at least one glide wax on the shelf.
        </Text>
        <SheetLink href={`/outing/${outing.id}/shelf`}>Go to the shelf</SheetLink>
      </Sheet>
    );
  }
  return <Chooser {...props} />;
}

type Pick = ReturnType<typeof usePick>;

function Chooser({ outing, reading, start, products }: PickScreenProps) {
  const scales = useScales();
  const state = usePick(outing, reading, start, products);
  const { draft, set, problem, result, save } = state;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'Enter') void save();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <Sheet question={QUESTION} answer={<Answer state={state} products={products} />}>
      <SaveBar state={state} logHref={`/outing/${outing.id}/log`} />
      {result?.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box>
          <Part title="Why this temperature">
            <SourceOfSnow state={state} reading={reading} outing={outing} />
            {result ? (
              <LedgerTable
                lines={result.lines}
                equivalentTemperatureC={result.equivalentTemperatureC}
              />
            ) : (
              <Text textStyle="body">Mend the marked fields to see the ledger.</Text>
            )}
            <Box mt="4" maxW="320px">
              <NumberField
                label="Your own correction"
                hint="Added to the sum, up to 5 °C either way"
                scale={scales.difference}
                step={0.5}
                value={draft.handCorrectionC}
                onChange={(handCorrectionC) => set({ handCorrectionC })}
                problem={problem('handCorrectionC')}
              />
            </Box>
          </Part>
          <Part title="The outing">
            <OutingFactsForm
              facts={draft}
              timeZone={outing.venue.timeZone}
              problem={problem}
              onChange={set}
            />
          </Part>
        </Box>
        <Box>
          {result && (
            <>
              <Part title="What being wrong would cost">
                <LossChart result={result} snow={state.snow!} products={products} />
                <ByAir state={state} />
              </Part>
              <Part title="The shelf by expected loss">
                <RankingList
                  ranking={result.ranking}
                  products={products}
                  takenId={state.taken?.id}
                  onTake={(takenId) => set({ takenId })}
                />
              </Part>
            </>
          )}
        </Box>
      </Grid>
    </Sheet>
  );
}

function Answer({ state, products }: { state: Pick; products: readonly ShownProduct[] }) {
  const units = useUnits();
  const { result, taken, best } = state;
  if (!result || !taken) {
    return (
      <Text textStyle="title">
        {result ? 'Nothing on the shelf is allowed.' : 'Something typed below needs mending.'}
      </Text>
    );
  }
  const isOverruled = best !== undefined && taken.id !== best.id;
  const needs = result.additives.map((one) => NEED_WORDS[one.additive]);
  return (
    <Box aria-live="polite">
      <Flex align="center" gap="4" wrap="wrap">
        <Swatch color={products.find((one) => one.id === taken.id)?.swatch} />
        <Text textStyle="hero" data-testid="answer-product">
          {taken.name}
        </Text>
      </Flex>
      <Text textStyle="body" mt="1">
        Expected loss <strong>{taken.expectedLossPercent.toFixed(2)} %</strong>, best of the shelf
        with <strong>{probability(taken.probabilityBest)}</strong>; nine times in ten it loses less
        than {taken.lossP90Percent.toFixed(2)} %.
        {isOverruled && ` You overrule ${best.name} (${best.expectedLossPercent.toFixed(2)} %).`}
      </Text>
      <Flex gap="8" mt="4" wrap="wrap" align="flex-end">
        <Fact label="Equivalent temperature">
          <span data-testid="answer-equivalent">
            {temperatureWithSpread(result.equivalentTemperatureC, result.temperatureSdC, units)}
          </span>
        </Fact>
        <Fact label="Hardness, relative scale 0–100">
          <NotchGauge hardness={result.hardness} />
        </Fact>
        <Fact label="Structure">
          {STRUCTURE_WORDS[result.structure.kind]}, {result.structure.widthMm} mm
        </Fact>
      </Flex>
      <Text textStyle="small" color="faint" mt="2">
        {needs.length > 0
          ? `Asks for ${needs.join(' and ')}: ${result.additives.map((one) => one.reason).join(' ')}`
          : 'No additive is needed.'}{' '}
        {result.structure.reason} The odds count the spread of the snow temperature only: grain,
        humidity and the model&apos;s own error are not in them.
      </Text>
    </Box>
  );
}

function Fact({ label, children }: { label: string; children: React.ReactNode }) {
  return (
    <Box>
      <Text textStyle="small" color="faint">
        {label}
      </Text>
      <Box textStyle="title">{children}</Box>
    </Box>
  );
}

/** Where the snow of this choice comes from, with the other way to take where there are two. */
function SourceOfSnow(props: { state: Pick; reading: Reading | undefined; outing: Outing }) {
  const units = useUnits();
  const { state, reading, outing } = props;
  const { basis, canChoose, reason } = state.source;
  const { snow } = state;
  return (
    <Box mb="3">
      {canChoose && (
        <Box mb="2">
          <ChoiceRow
            legend="Take the snow from"
            name="basis"
            value={basis}
            onChange={(next) => state.set({ basis: next })}
            options={[
              { value: 'modelled', label: 'Outlook at the start' },
              { value: 'measured', label: 'Last reading' },
            ]}
          />
        </Box>
      )}
      <Text textStyle="small" color="faint">
        {snow && `${temperature(snow.temperatureC, units)}, `}
        {snow?.grain ? GRAIN_WORDS[snow.grain].toLowerCase() : 'grain not seen'},{' '}
        {snow && WETNESS_WORDS[snow.wetness].toLowerCase()}.{' '}
        {reading &&
          `${reading.source === 'guess' ? 'Guessed' : 'Seen'} ${dayAndTime(reading.takenAt, outing.venue.timeZone)}. `}
        {reason}
      </Text>
    </Box>
  );
}

/** What going by the air's temperature would have chosen, and what that would cost. */
function ByAir({ state }: { state: Pick }) {
  const units = useUnits();
  const { byAir, result, best } = state;
  const chosen = result?.ranking.find((one) => one.id === byAir?.id);
  if (!byAir || !chosen || !best) return null;
  const air = temperature(byAir.airTemperatureC, units);
  return (
    <Text textStyle="body" mt="2" data-testid="by-air">
      {chosen.id === best.id ? (
        `Going by the air (${air}) would choose the same.`
      ) : (
        <>
          Going by the air ({air}) would choose <strong>{chosen.name}</strong>: expected loss{' '}
          <strong>{chosen.expectedLossPercent.toFixed(2)} %</strong> instead of{' '}
          {best.expectedLossPercent.toFixed(2)} %.
        </>
      )}
    </Text>
  );
}

function SaveBar({ state, logHref }: { state: Pick; logHref: string }) {
  const { draft, set, save, isSaving, failure, savedId, dismiss, taken } = state;
  return (
    <Box className="no-print" mb="6">
      {savedId && (
        <UndoNotice
          message="Choice saved. It stands in the log as it is, whatever changes later."
          onClose={dismiss}
        />
      )}
      <Flex gap="4" align="flex-end" wrap="wrap">
        <Box flex="1 1 280px" maxW="480px">
          <TextField
            label="Note for the log"
            value={draft.note}
            onChange={(note) => set({ note })}
          />
        </Box>
        <ActionButton
          onClick={() => void save()}
          loading={isSaving}
          loadingText="Saving…"
          disabled={!taken}
        >
          Save this choice
        </ActionButton>
        <SheetLink href={logHref}>To the log</SheetLink>
      </Flex>
      <FieldProblemText problem={failure} />
    </Box>
  );
}
