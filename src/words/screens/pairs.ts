import * as english from '../en/screens/pairs';
import { spoken } from '../spoken';

export const pairsScreenWords = spoken(english, 'screens/pairs');
