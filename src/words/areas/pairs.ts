import * as english from '../en/pairs';
import { localized } from '../localized';

export const pairsWords = localized(english, 'pairs');
