import * as english from '../en/screens/plan';
import { localized } from '../localized';

export const planScreenWords = localized(english, 'screens/plan');
