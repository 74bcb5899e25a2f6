'use client';

import type { OwnIron, ShelfProduct } from '@/core/model';
import { Box, Flex, Grid, SimpleGrid, Text } from '@chakra-ui/react';
import {
  IRON_KINDS,
  type IronAnswer,
  type IronKind,
  type IronQuestion,
  type PassTiming,
} from '@/core/iron';
import { ironTemperature, meltingPoint, type Figure } from '@/core/shelf';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField, type Scale } from '@/ui/fields/number-field';
import { SelectField } from '@/ui/fields/select-field';
import { useScales } from '@/ui/fields/scales';
import { differenceValue, temperature, temperatureUnit } from '@/words/quantities';
import { words } from '@/words';
import { failureWords, mistakeWords } from '@/words/told/mistake';
import type { Units } from '@/words/units';
import { useUnits } from '@/ui/format/units-context';
import { useWords } from '@/ui/format/use-words';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { CourseChart, MapChart } from './iron-charts';
import { OwnIronPart } from './own-iron';
import { SideView } from './side-view';
import { useIron, type IronDraft, type IronState } from './use-iron';

const WORDS = words.screens.iron.ironScreen;

const KIND_WORDS: Record<IronKind, string> = {
  light_travel: WORDS.lightTravelIron,
  household: WORDS.householdIron,
  heavy_digital: WORDS.heavyDigitalIron,
};

interface IronScreenProps {
  products: readonly ShelfProduct[];
  /** The wax of the outing's choice, if there is one. */
  chosenId: string | undefined;
  /** The team's own. */
  irons: readonly OwnIron[];
}

/** The Iron lab: will this wax flow behind this iron as it should, without hurting the base? */
export function IronScreen({ products, chosenId, irons }: IronScreenProps) {
  const state = useIron(products, chosenId, irons);
  const { result } = state;
  const isDone = 'question' in result;
  return (
    <Sheet question={WORDS.howHotAndHowFast} answer={<Answer state={state} />}>
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <Part title={WORDS.theBench}>
            <Bench state={state} products={products} irons={irons} />
            <OwnIronPart irons={irons} onKept={(name) => state.form.set({ kind: `own:${name}` })} />
          </Part>
          <Part title={WORDS.whatYouSaw}>
            <Seen state={state} />
          </Part>
        </Box>
        <Box minW="0">
          {isDone && result.advised && (
            <>
              <Part title={WORDS.asAdvised}>
                <SideView
                  question={result.advised.question}
                  timings={result.verdict.advice!.passes}
                  answer={result.advised.answer}
                />
                <PassTable
                  answer={result.advised.answer}
                  timings={result.verdict.advice!.passes}
                  caption={WORDS.eachPass}
                />
                <Warnings answer={result.advised.answer} />
              </Part>
              <Part title={WORDS.aPointOfTheBase}>
                <CourseChart answer={result.advised.answer} />
              </Part>
            </>
          )}
          <Part title={WORDS.yourOwnSetting}>
            <OwnSetting state={state} />
          </Part>
          {isDone && (
            <Part title={WORDS.whatTemperatureAndPaceGive}>
              <MapPart state={state} question={result.question} />
            </Part>
          )}
        </Box>
      </Grid>
    </Sheet>
  );
}

function Answer({ state }: { state: IronState }) {
  const { units, say } = useWords();
  const { result, product } = state;
  if (!product) return <Text textStyle="title">{WORDS.noWaxOnTheShelf}</Text>;
  if (!('question' in result)) {
    return (
      <Text textStyle="title" role="alert">
        {problemOf(result, units)}
      </Text>
    );
  }
  const { advice, reason } = result.verdict;
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="iron-advice">
        {advice
          ? WORDS.setTo(
              temperature(advice.setC, units, 0),
              advice.passes.map((one) => one.passS),
            )
          : WORDS.noSettingWillDo}
      </Text>
      <Text textStyle="strong" maxW="860px" textWrap="pretty">
        {advice &&
          WORDS.tipToTail(
            advice.passes.length === 1 ? WORDS.onePass : WORDS.passes(advice.passes.length),
            Math.round(advice.uptakeFraction * 100),
          )}
        {say(words.iron.IRON_REASON, reason)}
      </Text>
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.forIronMeltsAtOne(
          product.name,
          described(ironTemperature(product), (celsius) => temperature(celsius, units, 0)),
          described(meltingPoint(product), (celsius) => temperature(celsius, units, 0)),
        )}
      </Text>
    </Box>
  );
}

type NoResult = Exclude<IronState['result'], { question: IronQuestion }>;

const problemOf = (result: NoResult, units: Units) =>
  'problem' in result ? result.problem : mistakeWords(result, units);

/** The map of temperature and pace, or why there is none and how to try again. */
function MapPart({ state, question }: { state: IronState; question: IronQuestion }) {
  const units = useUnits();
  const { map, failure, retry } = state.map;
  if (failure) {
    return (
      <Flex gap="4" align="center" wrap="wrap" role="alert">
        <Text textStyle="body">{WORDS.noMap(failureWords(failure, units))}</Text>
        <ActionButton quiet onClick={retry}>
          {WORDS.computeItAgain}
        </ActionButton>
      </Flex>
    );
  }
  if (!map) return <Text textStyle="small">{WORDS.computingTheMap}</Text>;
  return (
    <>
      <MapChart map={map} setC={question.iron.setC} passS={question.passS} />
      {map.share < 1 && (
        <Text textStyle="small" role="status">
          {WORDS.computed(Math.round(map.share * 100))}
        </Text>
      )}
    </>
  );
}

const described = (figure: Figure, degrees: (celsius: number) => string) =>
  figure.isEstimate ? WORDS.estimated(degrees(figure.value)) : degrees(figure.value);

function Bench(props: {
  state: IronState;
  products: readonly ShelfProduct[];
  irons: readonly OwnIron[];
}) {
  const { state, products, irons } = props;
  const units = useUnits();
  const scales = useScales();
  const { draft, form, result } = state;
  const { set } = form;
  return (
    <>
      <Box mb="4">
        <SelectField
          label={WORDS.wax}
          value={draft.productId}
          onChange={(productId) => {
            const product = products.find((one) => one.id === productId);
            set({ productId, ...(product ? { setC: ironTemperature(product).value } : {}) });
          }}
          options={products.map((one) => ({ value: one.id, label: one.name }))}
        />
      </Box>
      <Box mb="4">
        <ChoiceRow
          legend={WORDS.iron}
          name="iron-kind"
          optionWidth="120px"
          value={draft.kind}
          onChange={(kind: IronDraft['kind']) => set({ kind })}
          options={[
            ...optionsOf(IRON_KINDS, KIND_WORDS),
            ...irons.map((one) => ({ value: `own:${one.name}` as const, label: one.name })),
          ]}
        />
      </Box>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <IronField state={state} name="roomC" label={WORDS.roomAndSki} scale={scales.temperature} />
        <IronField
          state={state}
          name="lengthCm"
          label={WORDS.lengthOfTheSki}
          scale={scales.centimetres}
          step={5}
        />
        <IronField
          state={state}
          name="widthMm"
          label={WORDS.widthOfTheBase}
          scale={scales.millimetres}
          step={5}
        />
        <IronField
          state={state}
          name="filmMicrometre"
          label={WORDS.filmOfWax}
          scale={scales.micrometres}
          step={5}
        />
      </SimpleGrid>
      {!('question' in result) && <FieldProblemText problem={problemOf(result, units)} />}
    </>
  );
}

function Seen({ state }: { state: IronState }) {
  const scales = useScales();
  const { draft, form, result } = state;
  const fit = 'question' in result ? result.fit : undefined;
  return (
    <>
      <Text textStyle="small" color="faint" mb="2">
        {WORDS.lookAtTheLiquidBehind}
      </Text>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <NumberField
          label={WORDS.trailYouSaw}
          scale={scales.centimetres}
          step={1}
          decimals={0}
          value={draft.seenTrailCm}
          onChange={(seenTrailCm) => form.set({ seenTrailCm })}
        />
        <NumberField
          label={WORDS.afterPass}
          scale={scales.fraction}
          step={1}
          decimals={0}
          value={draft.seenPass}
          onChange={(seenPass) => form.set({ seenPass })}
        />
      </SimpleGrid>
      {fit?.isPinned && <Caution>{WORDS.noContactGivesThis}</Caution>}
      {fit && !fit.isPinned && (
        <Text textStyle="body" mt="2" data-testid="iron-fit">
          {WORDS.contactFittedToWM(
            Math.round(fit.contact / 50) * 50,
            Math.round((Math.exp(fit.logSd) - 1) * 100),
          )}
        </Text>
      )}
    </>
  );
}

interface IronFieldProps {
  state: IronState;
  name: keyof IronDraft &
    ('setC' | 'passS' | 'passes' | 'roomC' | 'lengthCm' | 'widthMm' | 'filmMicrometre');
  label: string;
  scale: Scale;
  step?: number;
  decimals?: number;
}

function IronField({ state, name, step = 1, decimals = 0, ...shown }: IronFieldProps) {
  return <NumberField step={step} decimals={decimals} {...shown} {...state.form.bind(name)} />;
}

/** What a setting of one's own would give, beside the advice. */
function OwnSetting({ state }: { state: IronState }) {
  const scales = useScales();
  const { result } = state;
  const isDone = 'question' in result;
  return (
    <>
      <SimpleGrid columns={{ base: 1, sm: 3 }} gap="4" mb="2">
        <IronField
          state={state}
          name="setC"
          label={WORDS.setTemperature}
          scale={scales.temperature}
          step={5}
        />
        <IronField
          state={state}
          name="passS"
          label={WORDS.secondsAPass}
          scale={scales.seconds}
          step={0.5}
          decimals={1}
        />
        <IronField state={state} name="passes" label={WORDS.passes2} scale={scales.fraction} />
      </SimpleGrid>
      {isDone && (
        <>
          <Warnings answer={result.own} />
          <PassTable answer={result.own} caption={WORDS.eachPassOfYours} />
        </>
      )}
    </>
  );
}

function Warnings({ answer }: { answer: IronAnswer }) {
  const { say } = useWords();
  return answer.warnings.map((warning) => (
    <Caution key={warning.code}>{say(words.iron.IRON_WARNING, warning)}</Caution>
  ));
}

function PassTable(props: {
  answer: IronAnswer;
  timings?: readonly PassTiming[];
  caption: string;
}) {
  const units = useUnits();
  const { answer, timings, caption } = props;
  const paced = timings
    ? [
        { title: WORDS.pace, isNumber: true },
        { title: WORDS.restAfter, isNumber: true },
      ]
    : [];
  return (
    <Box mt="3">
      <DataTable
        caption={caption}
        columns={[
          { title: WORDS.pass, isNumber: true },
          ...paced,
          { title: WORDS.trail, isNumber: true },
          { title: WORDS.baseAtMost, isNumber: true },
          { title: WORDS.plateSags, isNumber: true },
          ...(timings ? [] : [{ title: WORDS.heat, isNumber: true }]),
        ]}
        rows={answer.passes.map((one, i) => ({
          key: String(i),
          cells: [
            i + 1,
            ...(timings
              ? [WORDS.seconds(timings[i]!.passS), WORDS.seconds(timings[i]!.restS)]
              : []),
            WORDS.cm((one.trailM * 100).toFixed(1)),
            temperature(one.peakBaseC, units, 0),
            `${differenceValue(Math.max(0, one.plateStartC - one.plateEndC), units).toFixed(1)} ${temperatureUnit(units)}`,
            ...(timings ? [] : [WORDS.watts(Math.round(one.meanHeatW))]),
          ],
        }))}
      />
      <Text textStyle="small" color="faint" mt="1">
        {WORDS.liquidForSInAll(
          answer.moltenTotalS.toFixed(1),
          Math.round(answer.uptakeFraction * 100),
        )}
      </Text>
    </Box>
  );
}
