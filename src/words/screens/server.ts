import * as english from '../en/screens/server';
import { localized } from '../localized';

export const serverScreenWords = localized(english, 'screens/server');
