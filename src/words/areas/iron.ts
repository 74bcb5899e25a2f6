import * as english from '../en/iron';
import { localized } from '../localized';

export const ironWords = localized(english, 'iron');
