import * as english from '../en/screens/test';
import { localized } from '../localized';

export const testScreenWords = localized(english, 'screens/test');
