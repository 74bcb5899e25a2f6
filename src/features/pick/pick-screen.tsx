'use client';

import { Box, Flex, Grid, Text } from '@chakra-ui/react';
import { useEffect } from 'react';
import { answerSentence } from '@/core/choice';
import { writeSpan } from '@/core/units';
import { HOUSE_LIMITS } from '@/core/wax';
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
import { HowPart, WindowPart } from './how-part';
import { LossChart } from './loss-chart';
import { OutingFactsForm } from './outing-facts-form';
import { ByAirLine, RegretTable } from './regret-part';
import { usePick, type PickGround, type PickState } from './use-pick';
import { WhatIf } from './what-if';

interface PickScreenProps extends PickGround {
  shelf: readonly ShownShelf[];
  serverNowMs: number;
}

type ShownShelf = PickGround['shelf'][number] & ShownProduct;

const QUESTION = 'Which wax?';
const MOST_OWN_K = HOUSE_LIMITS.ownMostC;

/** The Pick screen: one answer at the top, its reasons under it, the whole shelf last. */
export function PickScreen(props: PickScreenProps) {
  const { outing, reading, modelled, shelf } = props;
  if (!reading && !modelled) {
    return (
      <Sheet question={QUESTION} answer={<Text textStyle="title">Measure the snow first.</Text>}>
        <Text textStyle="body" mb="2">
          A choice stands on a reading or on an outlook, and this outing has neither.
        </Text>
        <SheetLink href={`/outing/${outing.id}/snow`}>Take a reading</SheetLink>
      </Sheet>
    );
  }
  if (shelf.every((one) => one.role !== 'glide')) {
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

function Chooser(props: PickScreenProps) {
  const { outing, reading, shelf, serverNowMs } = props;
  const scales = useScales();
  const units = useUnits();
  const state = usePick(props, serverNowMs);
  const { draft, set, problem, choice, save, products } = state;
  const path = `/outing/${outing.id}`;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'Enter') void save();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
  return (
    <Sheet question={QUESTION} answer={<Answer state={state} shelf={shelf} />}>
      <SaveBar state={state} path={path} />
      {choice?.cautions.map((caution) => (
        <Caution key={caution}>{caution}</Caution>
      ))}
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <Part title="How to put it on">
            <HowPart state={state} settingsHref={`${path}/settings`} />
          </Part>
          <Part title="Why this temperature">
            <SourceOfSnow state={state} reading={reading} outing={outing} />
            {choice ? (
              <LedgerTable
                lines={choice.lines}
                equivalentTemperatureC={choice.equivalentTemperatureC}
              />
            ) : (
              <Text textStyle="body">Mend the marked fields to see the ledger.</Text>
            )}
            <Box mt="4" maxW="320px">
              <NumberField
                label="Your own correction"
                hint={`Added to the sum, up to ${writeSpan(MOST_OWN_K, units.temperature, 0)} either way`}
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
        <Box minW="0">
          {choice && (
            <>
              <Part title="What being wrong would cost">
                <LossChart
                  result={{ ...choice, temperatureSdC: choice.equivalentSdC }}
                  snow={choice.snow}
                  products={products}
                />
                <ByAirLine choice={choice} />
                <Box mt="4">
                  <RegretTable choice={choice} />
                </Box>
              </Part>
              <Part title="What if">
                <WhatIf nudge={state.nudge} isNudged={state.isNudged} onChange={state.setNudge} />
              </Part>
              {(choice.window ?? choice.blend) && (
                <Part title="Over the time on snow">
                  <WindowPart state={state} timeZone={outing.venue.timeZone} />
                </Part>
              )}
              <Part title="The shelf by expected loss">
                <RankingList
                  ranking={choice.ranking}
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

function Answer({ state, shelf }: { state: PickState; shelf: readonly ShownShelf[] }) {
  const units = useUnits();
  const { choice, choiceProblem, taken, best, advice } = state;
  if (!choice || !taken || !advice) {
    return (
      <Text textStyle="title">
        {choiceProblem ??
          (choice ? 'Nothing on the shelf is allowed.' : 'Something typed below needs mending.')}
      </Text>
    );
  }
  const sentence = answerSentence(choice, taken, advice, (celsius) => temperature(celsius, units));
  const needs = choice.additives.map((one) => NEED_WORDS[one.additive]);
  return (
    <Box aria-live="polite">
      <Flex align="center" gap="4" wrap="wrap">
        <Swatch color={shelf.find((one) => one.id === taken.id)?.swatch} />
        <Text textStyle="hero" data-testid="answer-product">
          {taken.name}
        </Text>
        {state.isNudged && <Text textStyle="strong">what if</Text>}
      </Flex>
      <Text textStyle="strong" mt="1" maxW="860px" textWrap="pretty" data-testid="answer-sentence">
        {sentence}
      </Text>
      <Text textStyle="body" mt="1">
        Expected loss <strong>{taken.expectedLossPercent.toFixed(2)} %</strong>, best of the shelf
        with <strong>{probability(taken.probabilityBest)}</strong>; nine times in ten it loses less
        than {taken.lossP90Percent.toFixed(2)} %.
        {state.isOverruled &&
          best &&
          ` You overrule ${best.name} (${best.expectedLossPercent.toFixed(2)} %).`}
      </Text>
      <Flex gap="8" mt="4" wrap="wrap" align="flex-end">
        <Fact label="Equivalent temperature">
          <span data-testid="answer-equivalent">
            {temperatureWithSpread(choice.equivalentTemperatureC, choice.equivalentSdC, units)}
          </span>
        </Fact>
        <Fact label="Hardness, relative scale 0–100">
          <NotchGauge hardness={choice.hardness} />
        </Fact>
        <Fact label="Structure">
          {STRUCTURE_WORDS[choice.structure.kind]}, {choice.structure.widthMm} mm
        </Fact>
      </Flex>
      <Text textStyle="small" color="faint" mt="2">
        {needs.length > 0
          ? `Asks for ${needs.join(' and ')}: ${choice.additives.map((one) => one.reason).join(' ')}`
          : 'No additive is needed.'}{' '}
        {choice.structure.reason}{' '}
        {state.source.basis === 'modelled'
          ? 'The odds count the weather’s errors along the course; the model’s own error is not in them.'
          : 'The odds count the spread of the snow temperature only: grain, humidity and the model’s own error are not in them.'}
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
function SourceOfSnow(props: { state: PickState; reading: Reading | undefined; outing: Outing }) {
  const units = useUnits();
  const { state, reading, outing } = props;
  const { basis, canChoose, reason } = state.source;
  const snow = state.choice?.snow;
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
        {reading?.grain ? GRAIN_WORDS[reading.grain].toLowerCase() : 'grain not seen'},{' '}
        {snow && WETNESS_WORDS[snow.wetness].toLowerCase()}.{' '}
        {reading &&
          `${reading.source === 'guess' ? 'Guessed' : 'Seen'} ${dayAndTime(reading.takenAt, outing.venue.timeZone)}. `}
        {reason}
      </Text>
    </Box>
  );
}

function SaveBar({ state, path }: { state: PickState; path: string }) {
  const { draft, set, save, isSaving, failure, savedId, dismiss, taken, best } = state;
  return (
    <Box className="no-print" mb="6">
      {savedId && (
        <UndoNotice
          message="Choice saved. It stands in the log as it is, whatever changes later."
          onClose={dismiss}
        />
      )}
      <Flex gap="4" align="flex-end" wrap="wrap">
        {state.isOverruled && (
          <Box flex="1 1 280px" maxW="480px">
            <TextField
              label={`Why ${taken!.name} instead of ${best!.name}`}
              value={draft.overrideReason}
              onChange={(overrideReason) => set({ overrideReason })}
            />
          </Box>
        )}
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
          disabled={!taken || state.isNudged}
        >
          Save this choice
        </ActionButton>
        <SheetLink href={`${path}/wall`}>Wall sheet</SheetLink>
        <SheetLink href={`${path}/log`}>To the log</SheetLink>
      </Flex>
      {state.isNudged && (
        <Text textStyle="small" color="faint" mt="1">
          A what-if is not saved: set the sliders back first.
        </Text>
      )}
      <FieldProblemText problem={failure} />
    </Box>
  );
}
