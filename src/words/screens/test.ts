import * as english from '../en/screens/test';
import { spoken } from '../spoken';

export const testScreenWords = spoken(english, 'screens/test');
