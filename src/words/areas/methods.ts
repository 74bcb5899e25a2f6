import * as english from '../en/methods';
import { spoken } from '../spoken';

export const methodsWords = spoken(english, 'methods');
