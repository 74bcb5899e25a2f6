import type { DayTime, Sky } from '../../core/terms';
import type { WordsAt } from '../language';

const AT: Record<DayTime, string> = {
  night: 'om natten',
  dawn: 'i grålysningen',
  midday: 'midt på dagen',
  dusk: 'i skumringen',
};
const UNDER: Record<Sky, string> = {
  clear: 'klar himmel',
  partly_cloudy: 'delvis skyet himmel',
  overcast: 'overskyet himmel',
};

export const snow: WordsAt<'snow'> = {
  GUESS: {
    guessed: ({ sky, dayTime, isWellBelowAir, isHeldAtZero }, write) =>
      [
        'Anslått, ikke målt.',
        `Under ${UNDER[sky]} ${AT[dayTime]} ${isWellBelowAir ? 'blir snøen mye kaldere enn luften' : 'holder snøen seg nær lufttemperaturen'}.`,
        isHeldAtZero ? `Snø blir aldri varmere enn ${write.temperature(0, 0)}.` : '',
      ]
        .join(' ')
        .trim(),
  },
  NO_OUTLOOK: {
    no_weather: 'Det finnes ikke noe vær for dette stedet ennå.',
    no_position: 'Ingen har sagt hvor dette stedet ligger.',
    weather_misses_start: 'Været rekker ikke til startdagen.',
    weather_gap: ({ from, to, mostHours }) =>
      `Været har et hull på mer enn ${mostHours} t, fra ${from} til ${to}. Fyll det ut.`,
  },
};
