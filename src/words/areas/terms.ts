import * as english from '../en/terms';
import { spoken } from '../spoken';

export const termsWords = spoken(english, 'terms');
