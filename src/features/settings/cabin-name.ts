import { BY_HUB, OF_ALL } from '@/core/shared-book/senders';
import { settingsScreenWords } from '@/words/screens/settings';

const WORDS = settingsScreenWords.hub;

/** What people call a cabin of the hub. */
export const cabinName = (cabin: string): string =>
  cabin === OF_ALL ? WORDS.allOthers : cabin === BY_HUB ? WORDS.theHub : cabin;
