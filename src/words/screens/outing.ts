import * as english from '../en/screens/outing';
import { spoken } from '../spoken';

export const outingScreenWords = spoken(english, 'screens/outing');
