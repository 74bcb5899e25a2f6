import type { GlideMeasure } from '../../core/glide';
import type { WordsAt } from '../language';
import type { Writer } from '../write';

const UNIT: Record<GlideMeasure, (value: number, write: Writer) => string> = {
  seconds: (value, write) => `${write.number(value, 2)} s`,
  metres: (value, write) => `${write.number(value, 1)} m`,
  feel: (value, write) => `${write.number(value, 1)} Punkte`,
};
const MORE: Record<GlideMeasure, string> = {
  seconds: 'langsamer',
  metres: 'weiter',
  feel: 'besser',
};
const LESS: Record<GlideMeasure, string> = {
  seconds: 'schneller',
  metres: 'kürzer',
  feel: 'schlechter',
};
const AT = { start: 'am Start', finish: 'im Ziel' };
/** Beyond this nobody counts. */
const MANY = 1000;

const runs = (count: number) => (count === 1 ? '1 weitere Fahrt' : `${count} weitere Fahrten`);
const listed = (names: readonly string[]) =>
  names.length < 2 ? names.join('') : `${names.slice(0, -1).join(', ')} und ${names.at(-1)}`;

export const glide: WordsAt<'glide'> = {
  VERDICT: {
    too_few: ({ moreRuns }) =>
      `Zu wenige Fahrten, um etwas zu sagen. Mindestens ${runs(moreRuns)} machen.`,
    not_yet: ({ ahead, moreRuns }) =>
      moreRuns === undefined
        ? `${ahead} liegt vorn, aber das kann Zufall sein, und auch viele weitere Fahrten würden es kaum klären.`
        : `${ahead} liegt vorn, aber das kann Zufall sein. Etwa ${runs(moreRuns)} würden es klären, wenn der Vorsprung echt ist.`,
    faster: ({ ski, than }) =>
      `${ski} ist besser als ${listed(than)}. Das ist klar: du kannst aufhören.`,
    alike: ({ skis, within, measure }, write) =>
      `${listed(skis)} sind gleich, auf ${UNIT[measure](within, write)} genau. Du kannst aufhören.`,
  },
  ODD: {
    far_off: ({ measure, off, oneIn }, write) =>
      `${UNIT[measure](Math.abs(off), write)} ${(off > 0 ? MORE : LESS)[measure]}, als die anderen Fahrten erwarten lassen. Der Zufall allein tut das in 1 Test von ${oneIn > MANY ? `mehr als ${MANY}` : oneIn}.`,
  },
  GATES: {
    double: ({ gate }) =>
      `Eine Schranke ${AT[gate]} wurde zweimal unterbrochen. Es zählt das erste Mal.`,
    came_late: ({ gate }) => `Ein Impuls ${AT[gate]} kam spät. Es zählt die Uhr der Schranken.`,
    missed_start: 'Kein Impuls am Start.',
    missed_finish: 'Ein Start kam nicht ins Ziel. Er bleibt weg.',
  },
  request: {
    measure: 'Jede Fahrt braucht eines von Sekunden, Metern oder Gefühl.',
    oneMeasure: 'Alle Fahrten brauchen dasselbe Maß: Sekunden, Meter oder Gefühl.',
    run: 'Eine Fahrt muss ein Objekt mit minute, ski und ihrem Maß sein.',
    runs: (most) => `Fahrten müssen eine Liste von höchstens ${most} sein.`,
    noRuns: 'Mindestens eine Fahrt angeben.',
    tooManySkis: (most) => `Ein Test vergleicht höchstens ${most} Ski.`,
    minute: 'Minute',
    minuteIsMissing: 'Die Minute der Fahrt fehlt.',
    ski: 'Ski',
    skiIsMissing: 'Der Name des Skis fehlt.',
    twoSkis: 'Mindestens zwei Ski oder Wachse angeben, eines pro Zeile.',
    skiTwice: 'Jeden Ski nur einmal angeben.',
    reference: 'Der Referenzski muss einer aus dem Test sein.',
    seconds: 'Zeit',
    metres: 'Auslauf',
    feel: 'Gefühl',
    hill: 'Der Hang muss ein Objekt mit dropM und lengthM sein.',
    dropM: 'Höhenunterschied des Hangs',
    dropIsMissing: 'Der Höhenunterschied des Hangs fehlt.',
    lengthM: 'Länge des Hangs',
    lengthIsMissing: 'Die Länge des Hangs fehlt.',
    dropTooLarge: 'Der Höhenunterschied muss kleiner sein als die Länge am Hang.',
    fromRest: 'Aus dem Stand',
    snow: 'snow muss ein Objekt mit temperatureC sein.',
    temperatureC: 'Schneetemperatur',
    temperatureIsMissing: 'Die Schneetemperatur fehlt.',
    waterPercent: 'Freies Wasser',
    sharpness: 'Schärfe',
    wetness: 'Nässe',
    grain: 'Korn',
  },
};
