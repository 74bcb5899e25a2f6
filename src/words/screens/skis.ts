import * as english from '../en/screens/skis';
import { localized } from '../localized';

export const skisScreenWords = localized(english, 'screens/skis');
