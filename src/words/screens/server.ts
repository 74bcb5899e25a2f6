import * as english from '../en/screens/server';
import { spoken } from '../spoken';

export const serverScreenWords = spoken(english, 'screens/server');
