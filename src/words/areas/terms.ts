import * as english from '../en/terms';
import { localized } from '../localized';

export const termsWords = localized(english, 'terms');
