import * as english from '../en/pairs';
import { spoken } from '../spoken';

export const pairsWords = spoken(english, 'pairs');
