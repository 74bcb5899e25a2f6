import type { DayTime, Sky } from '../../core/terms';
import type { WordsAt } from '../language';

const AT: Record<DayTime, string> = {
  night: 'in der Nacht',
  dawn: 'im Morgengrauen',
  midday: 'um die Mittagszeit',
  dusk: 'in der Dämmerung',
};
const UNDER: Record<Sky, string> = {
  clear: 'klarem Himmel',
  partly_cloudy: 'wolkigem Himmel',
  overcast: 'bedecktem Himmel',
};

export const snow: WordsAt<'snow'> = {
  GUESS: {
    guessed: ({ sky, dayTime, isWellBelowAir, isHeldAtZero }, write) =>
      [
        'Geschätzt, nicht gemessen.',
        `Unter ${UNDER[sky]} ${AT[dayTime]} ${isWellBelowAir ? 'wird der Schnee viel kälter als die Luft' : 'bleibt der Schnee nahe der Lufttemperatur'}.`,
        isHeldAtZero ? `Schnee wird nie wärmer als ${write.temperature(0, 0)}.` : '',
      ]
        .join(' ')
        .trim(),
  },
  NO_OUTLOOK: {
    no_weather: 'Für diesen Ort gibt es noch kein Wetter.',
    no_position: 'Niemand hat gesagt, wo dieser Ort liegt.',
    weather_misses_start: 'Das Wetter reicht nicht bis zum Tag des Starts.',
    weather_gap: ({ from, to, mostHours }) =>
      `Das Wetter hat eine Lücke von mehr als ${mostHours} h, von ${from} bis ${to}. Bitte füllen.`,
  },
};
