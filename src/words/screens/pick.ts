import * as english from '../en/screens/pick';
import { localized } from '../localized';

export const pickScreenWords = localized(english, 'screens/pick');
