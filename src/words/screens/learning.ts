import * as english from '../en/screens/learning';
import { spoken } from '../spoken';

export const learningScreenWords = spoken(english, 'screens/learning');
