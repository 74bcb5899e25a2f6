import * as english from '../en/screens/grip';
import { localized } from '../localized';

export const gripScreenWords = localized(english, 'screens/grip');
