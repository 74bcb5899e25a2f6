import type { GripChoice, GripFit, TroubleAdvice } from '../../core/grip';
import { gripWords as grip } from '../areas/grip';
import { say, rendered } from '../say';
import type { Writer } from '../write';
import { renderedLines } from './choice';

/** A grip choice as it is read. */
export function renderedGrip(choice: GripChoice, write: Writer) {
  const cautions = choice.cautions.map((caution) => rendered(grip.GRIP_CAUTION, caution, write));
  return {
    ...choice,
    kindReason: say(grip.KIND_REASON, choice.kindReason, write),
    lines: renderedLines(choice.lines, write),
    ranking: choice.ranking.map(({ reason, ...ranked }) => {
      const said = rendered(grip.GRIP_RANK_REASON, reason, write);
      return { ...ranked, reason: said.message, ...said };
    }),
    layersReason: say(grip.GRIP_LAYERS, choice.layersReason, write),
    carry: choice.carry && say(grip.CARRY, choice.carry, write),
    cautions: cautions.map((caution) => caution.message),
    findings: [
      rendered(grip.KIND_REASON, choice.kindReason, write),
      rendered(grip.GRIP_LAYERS, choice.layersReason, write),
      ...(choice.carry ? [rendered(grip.CARRY, choice.carry, write)] : []),
      ...cautions,
    ],
  };
}

/** A fit's notes as they are read. */
export const renderedNotes = ({ notes }: Pick<GripFit, 'notes'>, write: Writer) =>
  notes.map((note) => rendered(grip.FIT_NOTE, note, write));

/** The title of a thing to try, and how it is done. */
export function troubleWords({ complaint, key }: { complaint: string; key: string }) {
  const steps = (grip.TROUBLE as Record<string, Record<string, { title: string; how: string }>>)[
    complaint
  ];
  return steps?.[key] ?? { title: key, how: '' };
}

/** The next thing to try, as it is read; the key is `none` when all was tried. */
export function renderedTrouble({ next, reason }: TroubleAdvice, write: Writer) {
  const said = rendered(grip.TROUBLE_REASON, reason, write);
  const step = next
    ? { key: next.key, ...troubleWords(next) }
    : { key: 'none', title: grip.NOTHING_LEFT, how: '' };
  return { ...step, reason: said.message, ...said };
}
