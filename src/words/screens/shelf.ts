import * as english from '../en/screens/shelf';
import { localized } from '../localized';

export const shelfScreenWords = localized(english, 'screens/shelf');
