import * as english from '../en/ski';
import { localized } from '../localized';

export const skiWords = localized(english, 'ski');
