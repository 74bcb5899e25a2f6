import type { JobSheet, Step, ToldSheet, ToldStep } from '../../core/bench';
import { benchWords } from '../areas/bench';
import { methodsWords } from '../areas/methods';
import { stepsWords } from '../areas/steps';
import { say, told } from '../say';
import type { Writer } from '../write';

/** A step as it is read at the bench. */
function toldStep({ caution, reason, school, ...step }: Step, write: Writer): ToldStep {
  const { SETTING_REASON, STEP_CAUTION } = benchWords;
  const said = stepsWords.stepWords(step.work, write);
  return {
    ...step,
    ...said,
    reason: reason ? say(SETTING_REASON, reason, write) : said.reason,
    caution: caution && STEP_CAUTION[caution],
    school: school && methodsWords.SCHOOL[school].label,
    findings: [
      ...(caution
        ? [
            {
              code: caution,
              gravity: 'caution' as const,
              parameters: {},
              message: STEP_CAUTION[caution],
            },
          ]
        : []),
      ...(reason ? [told(SETTING_REASON, reason, write)] : []),
    ],
  };
}

/** Steps as they are read at the bench. */
export const toldSteps = (steps: readonly Step[], write: Writer): ToldStep[] =>
  steps.map((step) => toldStep(step, write));

/** A job sheet as it is read, with the codes of what it says: what a job keeps. */
export function toldSheet(sheet: JobSheet, write: Writer): ToldSheet {
  const findings = sheet.notes.map((note) => told(benchWords.SHEET_NOTE, note, write));
  return {
    ...sheet,
    steps: toldSteps(sheet.steps, write),
    notes: findings.map((one) => one.message),
    findings,
  };
}
