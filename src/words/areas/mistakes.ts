import * as english from '../en/mistakes';
import { spoken } from '../spoken';

export const mistakesWords = spoken(english, 'mistakes');
