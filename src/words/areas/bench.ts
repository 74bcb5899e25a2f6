import * as english from '../en/bench';
import { spoken } from '../spoken';

export const benchWords = spoken(english, 'bench');
