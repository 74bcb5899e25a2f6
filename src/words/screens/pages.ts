import * as english from '../en/screens/pages';
import { localized } from '../localized';

export const pagesScreenWords = localized(english, 'screens/pages');
