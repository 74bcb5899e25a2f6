import type { GlideMeasure } from '../../core/glide';
import type { WordsAt } from '../language';
import type { Writer } from '../write';

const UNIT: Record<GlideMeasure, (value: number, write: Writer) => string> = {
  seconds: (value, write) => `${write.number(value, 2)} s`,
  metres: (value, write) => `${write.number(value, 1)} m`,
  feel: (value, write) => `${write.number(value, 1)} poeng`,
};
const MORE: Record<GlideMeasure, string> = {
  seconds: 'tregere',
  metres: 'lengre',
  feel: 'bedre',
};
const LESS: Record<GlideMeasure, string> = {
  seconds: 'raskere',
  metres: 'kortere',
  feel: 'dårligere',
};
const AT = { start: 'ved start', finish: 'ved mål' };
/** Beyond this nobody counts. */
const MANY = 1000;

const runs = (count: number) => (count === 1 ? '1 kjøring til' : `${count} kjøringer til`);
const listed = (names: readonly string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} og ${names.at(-1)}`;

export const glide: WordsAt<'glide'> = {
  VERDICT: {
    too_few: ({ moreRuns }) => `For få kjøringer til å si noe. Kjør minst ${runs(moreRuns)}.`,
    not_yet: ({ ahead, moreRuns }) =>
      moreRuns === undefined
        ? `${ahead} ligger foran, men det kan være tilfeldig, og mange flere kjøringer ville neppe avgjøre det.`
        : `${ahead} ligger foran, men det kan være tilfeldig. Omtrent ${runs(moreRuns)} ville avgjøre det hvis forspranget er ekte.`,
    faster: ({ ski, than }) => `${ski} er bedre enn ${listed(than)}. Det er klart: du kan stoppe.`,
    alike: ({ skis, within, measure }, write) =>
      `${listed(skis)} er like innenfor ${UNIT[measure](within, write)}. Du kan stoppe.`,
  },
  ODD: {
    far_off: ({ measure, off, oneIn }, write) =>
      `${UNIT[measure](Math.abs(off), write)} ${(off > 0 ? MORE : LESS)[measure]} enn de andre kjøringene tilsier. Tilfeldigheter alene gjør dette i 1 test av ${oneIn > MANY ? `mer enn ${MANY}` : oneIn}.`,
  },
  GATES: {
    double: ({ gate }) => `En stråle ${AT[gate]} ble brutt to ganger. Den første gjelder.`,
    came_late: ({ gate }) => `En puls ${AT[gate]} kom sent. Den gjelder etter portenes klokke.`,
    missed_start: 'Ingen puls ved start.',
    missed_finish: 'En start fikk ingen målgang. Den er utelatt.',
  },
  request: {
    measure: 'Hver kjøring trenger en av sekunder, meter eller følelse.',
    oneMeasure: 'Alle kjøringer må ha samme mål: sekunder, meter eller følelse.',
    run: 'En kjøring må være et objekt med minute, ski og målet sitt.',
    runs: (most) => `Kjøringene må være en liste på høyst ${most}.`,
    noRuns: 'Oppgi minst én kjøring.',
    tooManySkis: (most) => `En test sammenligner høyst ${most} ski.`,
    minute: 'Minutt',
    minuteIsMissing: 'Minuttet for kjøringen mangler.',
    ski: 'Ski',
    skiIsMissing: 'Navnet på skien mangler.',
    twoSkis: 'Oppgi minst to ski eller vokser, en på hver linje.',
    skiTwice: 'Oppgi hver ski én gang.',
    reference: 'Referanseskien må være en av dem i testen.',
    seconds: 'Tid',
    metres: 'Utglidning',
    feel: 'Følelse',
    hill: 'Bakken må være et objekt med dropM og lengthM.',
    dropM: 'Fallhøyde i bakken',
    dropIsMissing: 'Fallhøyden i bakken mangler.',
    lengthM: 'Lengde på bakken',
    lengthIsMissing: 'Lengden på bakken mangler.',
    dropTooLarge: 'Fallhøyden må være mindre enn lengden langs bakken.',
    fromRest: 'Fra ro',
    snow: 'snow må være et objekt med temperatureC.',
    temperatureC: 'Snøtemperatur',
    temperatureIsMissing: 'Snøtemperaturen mangler.',
    waterPercent: 'Fritt vann',
    sharpness: 'Skarphet',
    wetness: 'Fuktighet',
    grain: 'Korn',
  },
};
