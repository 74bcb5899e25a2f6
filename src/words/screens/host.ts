import * as english from '../en/screens/host';
import { spoken } from '../spoken';

export const hostScreenWords = spoken(english, 'screens/host');
