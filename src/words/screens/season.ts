import * as english from '../en/screens/season';
import { localized } from '../localized';

export const seasonScreenWords = localized(english, 'screens/season');
