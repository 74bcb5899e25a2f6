import type { Choice } from '@/data/choices';
import type { Outing } from '@/data/outings';
import { FORM_WORDS, STRUCTURE_WORDS } from '@/ui/format/words';

/** One line of the wall sheet: what, and what of it. */
export interface WallLine {
  name: string;
  text: string;
}

const PLACE_NAMES = {
  conditioning: 'Feed the base',
  edges: 'Along the edges',
  under: 'Beneath',
  glide: 'Wax of the day',
  top: 'On top',
} as const;

/** What hangs on the cabin wall: the choice as it was saved, line by line. */
export function wallLines(choice: Choice, degrees: (celsius: number) => string): WallLine[] {
  const { details } = choice;
  const first = { name: 'Wax', text: choice.productName };
  const snow = {
    name: 'Snow',
    text: `${degrees(choice.inputs.snow.temperatureC)}; asks for a wax of ${degrees(choice.equivalentTemperatureC)}`,
  };
  if (!details) return [first, snow];
  const { override, layerPlan, structure, structureWork, form, window, methods } = details;
  return [
    first,
    ...(override
      ? [{ name: 'Overruled', text: `${override.insteadOf}. Reason: ${override.reason}` }]
      : []),
    snow,
    ...layerPlan.layers.map((one) => ({
      name: PLACE_NAMES[one.place],
      text: `${one.name}, ${FORM_WORDS[one.form].toLowerCase()}, ${one.coats} ×`,
    })),
    { name: 'Form', text: `${FORM_WORDS[form.form]}. ${form.how}` },
    {
      name: 'Structure',
      text: `${STRUCTURE_WORDS[structure.kind]}, ${structure.widthMm} mm. ${structureWork.how}`,
    },
    {
      name: 'Brushes',
      text: `${methods.brushes?.label ?? ''}, by ${methods.drive?.label.toLowerCase() ?? 'hand'}`,
    },
    ...(window && window.ownPays
      ? [
          {
            name: 'By start',
            text: window.byTime.map((one) => one.name).join(' · '),
          },
        ]
      : []),
    ...details.cautions.map((text) => ({ name: 'Mind', text })),
    ...(choice.note ? [{ name: 'Note', text: choice.note }] : []),
  ];
}

/** The same as plain text, for a message to the team. */
export function wallText(outing: Outing, start: string, lines: readonly WallLine[]): string {
  const head = `${outing.name}, ${outing.venue.name}, start ${start}`;
  return [head, ...lines.map((line) => `${line.name}: ${line.text}`)].join('\n');
}
