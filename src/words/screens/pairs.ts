import * as english from '../en/screens/pairs';
import { localized } from '../localized';

export const pairsScreenWords = localized(english, 'screens/pairs');
