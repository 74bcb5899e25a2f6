import type { NoOutlook } from '../../core/snow/outlook';
import type { GuessReason } from '../../core/snow';
import type { DayTime, Sky } from '../../core/terms';
import type { WordsFor } from '../say';

const AT: Record<DayTime, string> = {
  night: 'at night',
  dawn: 'at dawn',
  midday: 'around midday',
  dusk: 'at dusk',
};
const UNDER: Record<Sky, string> = {
  clear: 'a clear sky',
  partly_cloudy: 'broken cloud',
  overcast: 'full cloud cover',
};

/** Why a snow temperature was guessed so. */
export const GUESS: WordsFor<GuessReason> = {
  guessed: ({ sky, dayTime, isWellBelowAir, isHeldAtZero }, write) =>
    [
      'Guessed, not measured.',
      `Under ${UNDER[sky]} ${AT[dayTime]} snow ${isWellBelowAir ? 'gets much colder than the air' : 'stays close to the air temperature'}.`,
      isHeldAtZero ? `Snow is never warmer than ${write.temperature(0, 0)}.` : '',
    ]
      .join(' ')
      .trim(),
};

/** Why there is no outlook. */
export const NO_OUTLOOK: WordsFor<NoOutlook> = {
  no_weather: 'There is no weather for this venue yet.',
  no_position: 'Nobody has said where this venue lies.',
  weather_misses_start: 'The weather does not reach the day of the start.',
  weather_gap: ({ from, to, mostHours }) =>
    `The weather has a gap of more than ${mostHours} h, from ${from} to ${to}. Fill it in.`,
};
