import * as english from '../en/screens/log';
import { spoken } from '../spoken';

export const logScreenWords = spoken(english, 'screens/log');
