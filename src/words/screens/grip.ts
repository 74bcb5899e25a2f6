import * as english from '../en/screens/grip';
import { spoken } from '../spoken';

export const gripScreenWords = spoken(english, 'screens/grip');
