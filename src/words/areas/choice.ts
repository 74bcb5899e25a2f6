import * as english from '../en/choice';
import { spoken } from '../spoken';

export const choiceWords = spoken(english, 'choice');
