import * as english from '../en/iron';
import { spoken } from '../spoken';

export const ironWords = spoken(english, 'iron');
