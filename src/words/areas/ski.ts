import * as english from '../en/ski';
import { spoken } from '../spoken';

export const skiWords = spoken(english, 'ski');
