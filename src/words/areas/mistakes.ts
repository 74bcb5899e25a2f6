import * as english from '../en/mistakes';
import { localized } from '../localized';

export const mistakesWords = localized(english, 'mistakes');
