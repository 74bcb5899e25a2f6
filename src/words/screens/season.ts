import * as english from '../en/screens/season';
import { spoken } from '../spoken';

export const seasonScreenWords = spoken(english, 'screens/season');
