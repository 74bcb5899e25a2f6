import * as english from '../en/screens/bench';
import { localized } from '../localized';

export const benchScreenWords = localized(english, 'screens/bench');
