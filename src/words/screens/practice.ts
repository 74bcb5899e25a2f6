import * as english from '../en/screens/practice';
import { localized } from '../localized';

export const practiceScreenWords = localized(english, 'screens/practice');
