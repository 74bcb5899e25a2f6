import * as english from '../en/screens/learning';
import { localized } from '../localized';

export const learningScreenWords = localized(english, 'screens/learning');
