import * as english from '../en/screens/plan';
import { spoken } from '../spoken';

export const planScreenWords = spoken(english, 'screens/plan');
