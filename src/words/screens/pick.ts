import * as english from '../en/screens/pick';
import { spoken } from '../spoken';

export const pickScreenWords = spoken(english, 'screens/pick');
