import * as english from '../en/screens/pages';
import { spoken } from '../spoken';

export const pagesScreenWords = spoken(english, 'screens/pages');
