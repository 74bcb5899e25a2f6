import * as english from '../en/screens/venue';
import { spoken } from '../spoken';

export const venueScreenWords = spoken(english, 'screens/venue');
