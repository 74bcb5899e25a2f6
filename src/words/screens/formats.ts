import * as english from '../en/screens/formats';
import { localized } from '../localized';

export const formatsScreenWords = localized(english, 'screens/formats');
