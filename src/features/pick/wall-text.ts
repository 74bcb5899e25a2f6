import type { Choice, Outing } from '@/core/model';
import { termsWords } from '@/words/areas/terms';
import { pickScreenWords } from '@/words/screens/pick';
import { fixed, probability, seconds } from '@/words/quantities';

const WORDS = pickScreenWords.wallText;

/** One line of the wall sheet: what, and what of it. */
export interface WallLine {
  name: string;
  text: string;
}

const placeNames = () =>
  ({
    conditioning: WORDS.feedTheBase,
    edges: WORDS.alongTheEdges,
    under: WORDS.beneath,
    glide: WORDS.waxOfTheDay,
    top: WORDS.onTop,
  }) as const;

/** What hangs on the cabin wall: the choice as it was saved, line by line. */
export function wallLines(choice: Choice, degrees: (celsius: number) => string): WallLine[] {
  const { details } = choice;
  const first = { name: WORDS.wax, text: choice.productName };
  const snow = {
    name: WORDS.snow,
    text: WORDS.asksForAWaxOf(
      degrees(choice.inputs.snow.temperatureC),
      degrees(choice.equivalentTemperatureC),
    ),
  };
  if (!details) return [first, snow];
  const taken = choice.ranking.find((one) => one.id === choice.productId);
  const { override, layerPlan, structure, structureWork, form, window, methods } = details;
  return [
    first,
    ...(override
      ? [{ name: WORDS.overruled, text: WORDS.reason(override.insteadOf, override.reason) }]
      : []),
    snow,
    ...layerPlan.layers.map((one) => ({
      name: placeNames()[one.place],
      text: `${one.name}, ${termsWords.inSentence(termsWords.FORM_WORDS[one.form])}, ${one.coats} ×`,
    })),
    { name: WORDS.form, text: `${termsWords.FORM_WORDS[form.form]}. ${form.how}` },
    {
      name: WORDS.structure,
      text: WORDS.mm(
        termsWords.STRUCTURE_WORDS[structure.kind],
        structure.widthMm,
        structureWork.how,
      ),
    },
    {
      name: WORDS.brushes,
      text: WORDS.by(
        methods.brushes?.label ?? '',
        termsWords.inSentence(methods.drive?.label ?? ''),
      ),
    },
    ...(taken
      ? [
          {
            name: WORDS.expectedLoss,
            text: WORDS.aboutBest(
              fixed(taken.expectedLossPercent, 2),
              taken.expectedLossSeconds === undefined
                ? ''
                : WORDS.about(seconds(taken.expectedLossSeconds)),
              probability(taken.probabilityBest),
            ),
          },
        ]
      : []),
    ...(window && window.ownPays
      ? [
          {
            name: WORDS.byStart,
            text: window.byTime.map((one) => one.name).join(' · '),
          },
        ]
      : []),
    ...details.cautions.map((text) => ({ name: WORDS.mind, text })),
    ...(choice.note ? [{ name: WORDS.note, text: choice.note }] : []),
  ];
}

/** The same as plain text, for a message to the team. */
export function wallText(outing: Outing, start: string, lines: readonly WallLine[]): string {
  const head = WORDS.start(outing.name, outing.venue.name, start);
  return [head, ...lines.map((line) => `${line.name}: ${line.text}`)].join('\n');
}
