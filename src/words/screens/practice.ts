import * as english from '../en/screens/practice';
import { spoken } from '../spoken';

export const practiceScreenWords = spoken(english, 'screens/practice');
