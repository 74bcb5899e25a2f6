import * as english from '../en/plan';
import { spoken } from '../spoken';

export const planWords = spoken(english, 'plan');
