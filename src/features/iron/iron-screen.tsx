'use client';

import { Box, Grid, SimpleGrid, Text } from '@chakra-ui/react';
import { IRON_KINDS, type IronKind } from '@/core/iron';
import { ironTemperature, meltingPoint, type Figure } from '@/core/shelf';
import type { ShelfProduct } from '@/data/products';
import type { OwnIron } from '@/data/team-settings';
import { ChoiceRow } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField, type Scale } from '@/ui/fields/number-field';
import { SelectField } from '@/ui/fields/select-field';
import { useScales } from '@/ui/fields/scales';
import { differenceValue, temperature, temperatureUnit } from '@/ui/format/quantities';
import { useUnits } from '@/ui/format/units-context';
import { DataTable } from '@/ui/frame/data-table';
import { Caution, Part, Sheet } from '@/ui/frame/sheet';
import { CourseChart, MapChart } from './iron-charts';
import { OwnIronPart } from './own-iron';
import { SideView } from './side-view';
import { useIron, type IronDraft, type IronState } from './use-iron';

const KIND_WORDS: Record<IronKind, string> = {
  light_travel: 'Light travel iron',
  household: 'Household iron',
  heavy_digital: 'Heavy digital iron',
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
  const isDone = !('problem' in result);
  return (
    <Sheet question="How hot, and how fast?" answer={<Answer state={state} />}>
      {isDone &&
        result.answer.warnings.map((warning) => <Caution key={warning}>{warning}</Caution>)}
      <Grid templateColumns={{ base: '1fr', lg: '5fr 7fr' }} gap={{ base: '0', lg: '10' }}>
        <Box minW="0">
          <Part title="The bench">
            <Bench state={state} products={products} irons={irons} />
            <OwnIronPart irons={irons} onKept={(name) => state.form.set({ kind: `own:${name}` })} />
          </Part>
          <Part title="What you saw">
            <Seen state={state} />
          </Part>
        </Box>
        <Box minW="0">
          {isDone && (
            <>
              <Part title="At your pace">
                <SideView question={result.question} answer={result.answer} />
                <PassTable state={state} />
              </Part>
              <Part title="A point of the base">
                <CourseChart answer={result.answer} />
              </Part>
              <Part title="What temperature and pace give">
                {state.map ? (
                  <>
                    <MapChart
                      map={state.map}
                      setC={result.question.iron.setC}
                      passS={result.question.passS}
                    />
                    {state.map.share < 1 && (
                      <Text textStyle="small" role="status">
                        {Math.round(state.map.share * 100)} % computed
                      </Text>
                    )}
                  </>
                ) : (
                  <Text textStyle="small">Computing the map…</Text>
                )}
              </Part>
            </>
          )}
        </Box>
      </Grid>
    </Sheet>
  );
}

function Answer({ state }: { state: IronState }) {
  const units = useUnits();
  const { result, product } = state;
  if (!product) return <Text textStyle="title">No wax on the shelf is for the iron.</Text>;
  if ('problem' in result) {
    return (
      <Text textStyle="title" role="alert">
        {result.problem}
      </Text>
    );
  }
  const { advice, reason } = result.verdict;
  return (
    <Box aria-live="polite">
      <Text textStyle="hero" data-testid="iron-advice">
        {advice
          ? `${temperature(advice.setC, units, 0)}, ${advice.passS} s a pass`
          : 'No setting will do'}
      </Text>
      <Text textStyle="strong" maxW="860px" textWrap="pretty">
        {advice && `${advice.passes === 1 ? 'One pass' : `${advice.passes} passes`}, tip to tail. `}
        {reason}
      </Text>
      <Text textStyle="small" color="faint" mt="1">
        For {product.name}: iron{' '}
        {described(ironTemperature(product), (celsius) => temperature(celsius, units, 0))}, melts at{' '}
        {described(meltingPoint(product), (celsius) => temperature(celsius, units, 0))}. One point
        in the middle of the ski; labels come first.
      </Text>
    </Box>
  );
}

const described = (figure: Figure, degrees: (celsius: number) => string) =>
  `${figure.isEstimate ? 'about ' : ''}${degrees(figure.value)}${figure.isEstimate ? ' (estimated)' : ''}`;

function Bench(props: {
  state: IronState;
  products: readonly ShelfProduct[];
  irons: readonly OwnIron[];
}) {
  const { state, products, irons } = props;
  const scales = useScales();
  const { draft, form, result } = state;
  const { set, problem } = form;
  const field = (
    label: string,
    name: keyof IronDraft &
      ('setC' | 'passS' | 'passes' | 'roomC' | 'lengthCm' | 'widthMm' | 'filmMicrometre'),
    scale: Scale,
    step: number,
    decimals = 0,
  ) => (
    <NumberField
      label={label}
      scale={scale}
      step={step}
      decimals={decimals}
      value={draft[name]}
      onChange={(value) => set({ [name]: value })}
      problem={problem(name)}
    />
  );
  return (
    <>
      <Box mb="4">
        <SelectField
          label="Wax"
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
          legend="Iron"
          name="iron-kind"
          optionWidth="120px"
          value={draft.kind}
          onChange={(kind: IronDraft['kind']) => set({ kind })}
          options={[
            ...IRON_KINDS.map((value) => ({ value, label: KIND_WORDS[value] })),
            ...irons.map((one) => ({ value: `own:${one.name}` as const, label: one.name })),
          ]}
        />
      </Box>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        {field('Set temperature', 'setC', scales.temperature, 5)}
        {field('Seconds a pass', 'passS', scales.seconds, 0.5, 1)}
        {field('Passes', 'passes', scales.fraction, 1)}
        {field('Room and ski', 'roomC', scales.temperature, 1)}
        {field('Length of the ski', 'lengthCm', scales.centimetres, 5)}
        {field('Width of the base', 'widthMm', scales.millimetres, 5)}
        {field('Film of wax', 'filmMicrometre', scales.micrometres, 5)}
      </SimpleGrid>
      {'problem' in result && <FieldProblemText problem={result.problem} />}
    </>
  );
}

function Seen({ state }: { state: IronState }) {
  const scales = useScales();
  const { draft, form, result } = state;
  const fit = 'problem' in result ? undefined : result.fit;
  return (
    <>
      <Text textStyle="small" color="faint" mb="2">
        Look at the liquid behind your iron and enter it: the lab then fits itself to this iron and
        wax.
      </Text>
      <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
        <NumberField
          label="Trail you saw"
          scale={scales.centimetres}
          step={1}
          decimals={0}
          value={draft.seenTrailCm}
          onChange={(seenTrailCm) => form.set({ seenTrailCm })}
        />
        <NumberField
          label="After pass"
          scale={scales.fraction}
          step={1}
          decimals={0}
          value={draft.seenPass}
          onChange={(seenPass) => form.set({ seenPass })}
        />
      </SimpleGrid>
      {fit && (
        <Text textStyle="body" mt="2" data-testid="iron-fit">
          Contact fitted to {Math.round(fit.contact / 50) * 50} W/m²K, give or take{' '}
          {Math.round((Math.exp(fit.logSd) - 1) * 100)} %; all figures use it.
        </Text>
      )}
    </>
  );
}

function PassTable({ state }: { state: IronState }) {
  const units = useUnits();
  const { result } = state;
  if ('problem' in result) return null;
  const { answer } = result;
  return (
    <Box mt="3">
      <DataTable
        caption="Each pass"
        columns={[
          { title: 'Pass', isNumber: true },
          { title: 'Trail', isNumber: true },
          { title: 'Base at most', isNumber: true },
          { title: 'Its back', isNumber: true },
          { title: 'Plate sags', isNumber: true },
          { title: 'Heat', isNumber: true },
        ]}
        rows={answer.passes.map((one, i) => ({
          key: String(i),
          cells: [
            i + 1,
            `${(one.trailM * 100).toFixed(1)} cm`,
            temperature(one.peakBaseC, units, 0),
            temperature(one.backC, units, 0),
            `${differenceValue(Math.max(0, one.plateStartC - one.plateEndC), units).toFixed(1)} ${temperatureUnit(units)}`,
            `${Math.round(one.meanHeatW)} W`,
          ],
        }))}
      />
      <Text textStyle="small" color="faint" mt="1">
        Liquid for {answer.moltenTotalS.toFixed(1)} s in all; the base has taken up about{' '}
        {Math.round(answer.uptakeFraction * 100)} % of what it can.
      </Text>
    </Box>
  );
}
