import * as english from '../en/screens/log';
import { localized } from '../localized';

export const logScreenWords = localized(english, 'screens/log');
