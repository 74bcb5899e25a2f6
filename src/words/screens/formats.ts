import * as english from '../en/screens/formats';
import { spoken } from '../spoken';

export const formatsScreenWords = spoken(english, 'screens/formats');
