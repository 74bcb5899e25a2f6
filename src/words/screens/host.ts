import * as english from '../en/screens/host';
import { localized } from '../localized';

export const hostScreenWords = localized(english, 'screens/host');
