import * as english from '../en/screens/iron';
import { spoken } from '../spoken';

export const ironScreenWords = spoken(english, 'screens/iron');
