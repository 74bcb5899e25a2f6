import * as english from '../en/choice';
import { localized } from '../localized';

export const choiceWords = localized(english, 'choice');
