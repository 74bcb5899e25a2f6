import {
  methodsInForce,
  type ChoiceDetails,
  type FormAdvice,
  type LayerPlan,
  type RobustChoice,
  type RobustRanked,
  type StructureWork,
  type RenderedLine,
  type RenderedMethod,
  type RenderedRanked,
} from '../../core/choice';
import type { Said } from '../../core/finding';
import type { LedgerLine, NeededAdditive, RankedProduct, Structure } from '../../core/wax';
import { choiceWords } from '../areas/choice';
import { methodsWords } from '../areas/methods';
import { rendered } from '../say';
import type { Writer } from '../write';

const messages = (said: readonly Said[]) => said.map((one) => one.message);

/** Lines of a ledger as they are read. */
export const renderedLines = (
  lines: readonly LedgerLine[],
  write: Writer,
): (RenderedLine & Said)[] =>
  lines.map(({ key, valueC, reason }) => {
    const said = rendered(choiceWords.LEDGER_REASON, reason, write);
    return { key, label: choiceWords.LEDGER_LABEL[key], valueC, reason: said.message, ...said };
  });

/** A ranking as it is read. */
export const renderedRanking = <R extends RankedProduct>(
  ranking: readonly R[],
  write: Writer,
): (Omit<R, 'reasons'> & RenderedRanked & { findings: Said[] })[] =>
  ranking.map((ranked) => {
    const findings = ranked.reasons.map((reason) =>
      rendered(choiceWords.RANKING_REASON, reason, write),
    );
    return { ...ranked, reasons: messages(findings), findings };
  });

export const renderedStructure = ({ reason, ...structure }: Structure, write: Writer) => {
  const said = rendered(choiceWords.STRUCTURE_REASON, reason, write);
  return { ...structure, reason: said.message, ...said };
};

export const renderedStructureWork = ({ how, ...work }: StructureWork, write: Writer) => {
  const said = rendered(choiceWords.STRUCTURE_WORK, how, write);
  return { ...work, how: said.message, ...said };
};

export function renderedLayers({ layers, missing }: LayerPlan, write: Writer) {
  const findings = missing.map((one) => rendered(choiceWords.MISSING_LAYER, one, write));
  return {
    layers: layers.map(({ reason, ...layer }) => {
      const said = rendered(choiceWords.LAYER_REASON, reason, write);
      return { ...layer, reason: said.message, ...said };
    }),
    missing: messages(findings),
    findings,
  };
}

export function renderedForm({ form, how, reasons }: FormAdvice, write: Writer) {
  const work = rendered(choiceWords.FORM_WORK, how, write);
  const why = reasons.map((reason) => rendered(choiceWords.FORM_REASON, reason, write));
  return { form, how: work.message, reason: messages(why).join(' '), findings: [work, ...why] };
}

/** The ways of working in force, each with its label and reason. */
export const renderedMethods = (
  own: Readonly<Record<string, string>>,
): Record<string, RenderedMethod> =>
  Object.fromEntries(
    Object.entries(methodsInForce(own)).map(([key, school]) => [
      key,
      { key: school, ...methodsWords.SCHOOL[school] },
    ]),
  );

export const renderedAdditives = (needed: readonly NeededAdditive[], write: Writer): Said[] =>
  needed.map(({ reason }) => rendered(choiceWords.ADDITIVE_REASON, reason, write));

export const renderedCautions = (
  { cautions }: Pick<RobustChoice, 'cautions'>,
  write: Writer,
): Said[] => cautions.map((caution) => rendered(choiceWords.CAUTION, caution, write));

interface Taken {
  taken: RobustRanked;
  form: FormAdvice;
}

function answerParts(choice: RobustChoice, { taken, form }: Taken) {
  const { layers } = choice.layerPlan;
  return {
    name: taken.name,
    form: form.form,
    coats: layers.find((layer) => layer.place === 'glide')?.coats ?? 0,
    layers: Object.fromEntries(layers.map((layer) => [layer.place, layer.name])),
    structure: choice.structure,
    probabilityBest: taken.probabilityBest,
    losesLeast: choice.ranking.find((one) => !one.excluded)?.id === taken.id,
    snowC: choice.snow.temperatureC,
    equivalentC: choice.equivalentTemperatureC,
  };
}

/** The answer in words: what, how, how sure and why. */
export const answerSentence = (
  choice: RobustChoice,
  { write, ...made }: Taken & { write: Writer },
): string => choiceWords.answer(answerParts(choice, made), write);

/** How the wax goes on, in one line. */
export const howLine = (choice: RobustChoice, made: Taken): string =>
  choiceWords.how(answerParts(choice, made));

interface DetailsMade {
  choice: RobustChoice;
  taken: RobustRanked;
  form: FormAdvice;
  /** Keys of the team's own ways of working. */
  methods: Readonly<Record<string, string>>;
}

/** A choice as it is kept for years: all that it said, in words, codes and figures. */
export function choiceDetails(
  { choice, taken, form, methods }: DetailsMade,
  more: Pick<ChoiceDetails, 'outlookVersion' | 'override'>,
  write: Writer,
): ChoiceDetails {
  const additives = renderedAdditives(choice.additives, write);
  const cautions = renderedCautions(choice, write);
  return {
    sentence: answerSentence(choice, { taken, form, write }),
    equivalentSdC: choice.equivalentSdC,
    layerPlan: renderedLayers(choice.layerPlan, write),
    structure: renderedStructure(choice.structure, write),
    structureWork: renderedStructureWork(choice.structureWork, write),
    regretPercent: choice.regretPercent,
    regret: choice.regret,
    window: choice.window,
    blend: choice.blend,
    byAir: choice.byAir,
    form: renderedForm(form, write),
    methods: renderedMethods(methods),
    additives: messages(additives),
    cautions: messages(cautions),
    findings: [...additives, ...cautions],
    ...more,
  };
}
