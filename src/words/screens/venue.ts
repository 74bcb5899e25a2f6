import * as english from '../en/screens/venue';
import { localized } from '../localized';

export const venueScreenWords = localized(english, 'screens/venue');
