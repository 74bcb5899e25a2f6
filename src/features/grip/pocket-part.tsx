'use client';

import type { ReactNode } from 'react';
import { Flex, SimpleGrid, Text } from '@chakra-ui/react';
import type { GripFit } from '@/core/grip';
import { ActionButton } from '@/ui/fields/action-button';
import { ChoiceRow, optionsOf } from '@/ui/fields/choice-row';
import { FieldProblemText } from '@/ui/fields/field-problem';
import { NumberField } from '@/ui/fields/number-field';
import { useScales } from '@/ui/fields/scales';
import { Part } from '@/ui/frame/sheet';
import { PocketChart } from './pocket-chart';
import { GapRows } from './gap-rows';
import { FIT_WAYS, type FitWay } from './fit-draft';
import type { GripState } from './use-grip';
import { useWords } from '@/ui/format/use-words';
import { gripWords } from '@/words/areas/grip';
import { gripScreenWords } from '@/words/screens/grip';
import { listed } from '@/words/listed';

const WORDS = gripScreenWords.pocketPart;

const wayWords = (): Record<FitWay, string> => ({
  rule: WORDS.notMeasured,
  feeler: WORDS.aFeelersTwoEnds,
  gaps: WORDS.gapsAlongTheSki,
});
const stiffnessWords = () =>
  ({
    too_soft: WORDS.tooSoftForThisSkier,
    right: WORDS.rightForThisSkier,
    too_stiff: WORDS.tooStiffForThisSkier,
  }) as const;

/** Where full weight closes the pocket, and what load does it. */
function closingWords(fit: GripFit, skierKg: number | undefined): string {
  if (!fit.closedAtFull || fit.closingShare === undefined) return '';
  const stretches = fit.closedAtFull.map((one) =>
    WORDS.toCm(Math.round(one.startCm), Math.round(one.endCm)),
  );
  const share = WORDS.ofTheWeight(Math.round(fit.closingShare * 100));
  const load = skierKg === undefined ? share : WORDS.kg(Math.round(fit.closingShare * skierKg));
  const where =
    stretches.length === 0
      ? WORDS.fullWeightClosesItNowhere
      : WORDS.fullWeightCloses(listed(stretches));
  return WORDS.closeItAllOver(where, load);
}

/** The pocket under the foot: measured one way or another, and where the zone lies. */
export function PocketPart({ state, children }: { state: GripState; children?: ReactNode }) {
  const scales = useScales();
  const { draft, fit, fitProblem, form, keep } = state;
  const { bind } = form;
  const cm = (
    label: string,
    field: 'skiLengthCm' | 'heelBehindPinCm' | 'backCm' | 'frontCm',
    hint?: string,
  ) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scales.centimetres}
      step={1}
      decimals={0}
      {...bind(field)}
    />
  );
  const kg = (label: string, field: 'skierKg' | 'measuredKg', hint: string) => (
    <NumberField
      label={label}
      hint={hint}
      scale={scales.kilograms}
      step={1}
      decimals={0}
      startShown={70}
      {...bind(field)}
    />
  );
  const { say } = useWords();
  return (
    <Part title={WORDS.thePocket}>
      <PocketChart fit={fit} gaps={draft.way === 'gaps' ? draft.gaps : []} />
      <Text textStyle="body" mt="2">
        {fit.stiffness && <strong>{stiffnessWords()[fit.stiffness]}. </strong>}
        {closingWords(fit, draft.skierKg)}
        {fit.roomLayers !== undefined && WORDS.roomForStickLayers(fit.roomLayers)}
        {fit.notes.map((note) => say(gripWords.FIT_NOTE, note)).join(' ')}
      </Text>
      <FieldProblemText problem={fitProblem} />
      {children}
      <Flex direction="column" gap="4" mt="4">
        <ChoiceRow
          legend={WORDS.howItWasMeasured}
          name="fit-way"
          optionWidth="130px"
          {...bind('way')}
          options={optionsOf(FIT_WAYS, wayWords())}
        />
        <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
          {cm(WORDS.lengthOfTheSki, 'skiLengthCm')}
          {draft.way === 'rule' &&
            cm(WORDS.heelPlateBehindTheBinding, 'heelBehindPinCm', WORDS.zoneReaches)}
          {draft.way === 'feeler' && cm(WORDS.feelerStopsBehind, 'backCm', WORDS.fromTheHeelPlate)}
          {draft.way === 'feeler' && cm(WORDS.feelerStopsAhead, 'frontCm', WORDS.fromTheHeelPlate)}
        </SimpleGrid>
        {draft.way === 'gaps' && (
          <SimpleGrid columns={{ base: 1, sm: 2 }} gap="4">
            {kg(WORDS.weightOfTheSkier, 'skierKg', WORDS.withBackpack)}
            {kg(WORDS.measuredUnder, 'measuredKg', WORDS.emptyIfStoodOn)}
          </SimpleGrid>
        )}
        {draft.way === 'gaps' && <GapRows form={form} />}
        <Flex gap="4">
          <ActionButton onClick={() => void keep()} disabled={fitProblem !== undefined}>
            {WORDS.keepThisFit}
          </ActionButton>
        </Flex>
        <FieldProblemText problem={form.failure} />
      </Flex>
    </Part>
  );
}
