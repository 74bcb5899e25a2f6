'use client';

import type { OwnIron, ShelfProduct } from '@/core/model';
import { Box, SimpleGrid, Text } from '@chakra-ui/react';
import { IRON_KINDS, type IronKind } from '@/core/iron';
import { ironTemperature } from '@/core/shelf';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { SelectField } from '@/ui/fields/select-field';
import { useScales } from '@/ui/fields/scales';
import { useUnits } from '@/ui/format/units-context';
import { Caution } from '@/ui/frame/sheet';
import { ironScreenWords } from '@/words/screens/iron';
import { IronField } from './iron-field';
import type { IronDraft } from './iron-draft';
import { problemOf, type IronState } from './use-iron';

const WORDS = ironScreenWords.ironScreen;

const kindWords = (): Record<IronKind, string> => ({
  light_travel: WORDS.lightTravelIron,
  household: WORDS.householdIron,
  heavy_digital: WORDS.heavyDigitalIron,
});

/** The wax, the iron, the ski and the room. */
export function Bench(props: {
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
            ...optionsOf(IRON_KINDS, kindWords()),
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

/** The trail that was seen, and what the lab made of it. */
export function Seen({ state }: { state: IronState }) {
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
      {fit?.isPinned && <Caution>{WORDS.trailImpossible}</Caution>}
      {fit && !fit.isPinned && (
        <Text textStyle="body" mt="2" data-testid="iron-fit">
          {WORDS.contactFitted(
            Math.round(fit.contact / 50) * 50,
            Math.round((Math.exp(fit.logSd) - 1) * 100),
          )}
        </Text>
      )}
    </>
  );
}
