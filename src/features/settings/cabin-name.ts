import { OF_ALL } from '@/formats/hub/messages';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.hub;

/** What people call a cabin of the hub. */
export const cabinName = (cabin: string): string =>
  cabin === OF_ALL ? WORDS.allOthers : cabin === '' ? WORDS.theHub : cabin;
