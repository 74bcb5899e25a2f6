import * as english from '../en/screens/iron';
import { localized } from '../localized';

export const ironScreenWords = localized(english, 'screens/iron');
