import type { JobSheet, Step, RenderedSheet, RenderedStep } from '../../core/bench';
import { benchWords } from '../areas/bench';
import { methodsWords } from '../areas/methods';
import { stepsWords } from '../areas/steps';
import { say, rendered } from '../say';
import type { Writer } from '../write';

/** A step as it is read at the bench. */
function renderedStep({ caution, reason, school, ...step }: Step, write: Writer): RenderedStep {
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
      ...(reason ? [rendered(SETTING_REASON, reason, write)] : []),
    ],
  };
}

/** Steps as they are read at the bench. */
export const renderedSteps = (steps: readonly Step[], write: Writer): RenderedStep[] =>
  steps.map((step) => renderedStep(step, write));

/** A job sheet as it is read, with the codes of what it says: what a job keeps. */
export function renderedSheet(sheet: JobSheet, write: Writer): RenderedSheet {
  const findings = sheet.notes.map((note) => rendered(benchWords.SHEET_NOTE, note, write));
  return {
    ...sheet,
    steps: renderedSteps(sheet.steps, write),
    notes: findings.map((one) => one.message),
    findings,
  };
}
