import * as english from '../en/screens/outing';
import { localized } from '../localized';

export const outingScreenWords = localized(english, 'screens/outing');
