import * as english from '../en/grip';
import { spoken } from '../spoken';

export const gripWords = spoken(english, 'grip');
