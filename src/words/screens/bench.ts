import * as english from '../en/screens/bench';
import { spoken } from '../spoken';

export const benchScreenWords = spoken(english, 'screens/bench');
