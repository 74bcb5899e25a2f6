import * as english from '../en/screens/skis';
import { spoken } from '../spoken';

export const skisScreenWords = spoken(english, 'screens/skis');
