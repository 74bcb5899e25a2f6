import {
  methodsInForce,
  type ChoiceDetails,
  type FormAdvice,
  type LayerPlan,
  type RobustChoice,
  type RobustRanked,
  type StructureWork,
  type ToldLine,
  type ToldMethod,
  type ToldRanked,
} from '../../core/choice';
import type { Said } from '../../core/finding';
import type { LedgerLine, NeededAdditive, RankedProduct, Structure } from '../../core/wax';
import { choiceWords } from '../areas/choice';
import { methodsWords } from '../areas/methods';
import { told } from '../say';
import type { Writer } from '../write';

const messages = (said: readonly Said[]) => said.map((one) => one.message);

/** Lines of a ledger as they are read. */
export const toldLines = (lines: readonly LedgerLine[], write: Writer): (ToldLine & Said)[] =>
  lines.map(({ key, valueC, reason }) => {
    const said = told(choiceWords.LEDGER_REASON, reason, write);
    return { key, label: choiceWords.LEDGER_LABEL[key], valueC, reason: said.message, ...said };
  });

/** A ranking as it is read. */
export const toldRanking = <R extends RankedProduct>(
  ranking: readonly R[],
  write: Writer,
): (Omit<R, 'reasons'> & ToldRanked & { findings: Said[] })[] =>
  ranking.map((ranked) => {
    const findings = ranked.reasons.map((reason) =>
      told(choiceWords.RANKING_REASON, reason, write),
    );
    return { ...ranked, reasons: messages(findings), findings };
  });

export const toldStructure = ({ reason, ...structure }: Structure, write: Writer) => {
  const said = told(choiceWords.STRUCTURE_REASON, reason, write);
  return { ...structure, reason: said.message, ...said };
};

export const toldStructureWork = ({ how, ...work }: StructureWork, write: Writer) => {
  const said = told(choiceWords.STRUCTURE_WORK, how, write);
  return { ...work, how: said.message, ...said };
};

export function toldLayers({ layers, missing }: LayerPlan, write: Writer) {
  const findings = missing.map((one) => told(choiceWords.MISSING_LAYER, one, write));
  return {
    layers: layers.map(({ reason, ...layer }) => {
      const said = told(choiceWords.LAYER_REASON, reason, write);
      return { ...layer, reason: said.message, ...said };
    }),
    missing: messages(findings),
    findings,
  };
}

export function toldForm({ form, how, reasons }: FormAdvice, write: Writer) {
  const work = told(choiceWords.FORM_WORK, how, write);
  const why = reasons.map((reason) => told(choiceWords.FORM_REASON, reason, write));
  return { form, how: work.message, reason: messages(why).join(' '), findings: [work, ...why] };
}

/** The ways of working in force, each with its label and reason. */
export const toldMethods = (own: Readonly<Record<string, string>>): Record<string, ToldMethod> =>
  Object.fromEntries(
    Object.entries(methodsInForce(own)).map(([key, school]) => [
      key,
      { key: school, ...methodsWords.SCHOOL[school] },
    ]),
  );

export const toldAdditives = (needed: readonly NeededAdditive[], write: Writer): Said[] =>
  needed.map(({ reason }) => told(choiceWords.ADDITIVE_REASON, reason, write));

export const toldCautions = ({ cautions }: Pick<RobustChoice, 'cautions'>, write: Writer): Said[] =>
  cautions.map((caution) => told(choiceWords.CAUTION, caution, write));

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
  const additives = toldAdditives(choice.additives, write);
  const cautions = toldCautions(choice, write);
  return {
    sentence: answerSentence(choice, { taken, form, write }),
    equivalentSdC: choice.equivalentSdC,
    layerPlan: toldLayers(choice.layerPlan, write),
    structure: toldStructure(choice.structure, write),
    structureWork: toldStructureWork(choice.structureWork, write),
    regretPercent: choice.regretPercent,
    regret: choice.regret,
    window: choice.window,
    blend: choice.blend,
    byAir: choice.byAir,
    form: toldForm(form, write),
    methods: toldMethods(methods),
    additives: messages(additives),
    cautions: messages(cautions),
    findings: [...additives, ...cautions],
    ...more,
  };
}
