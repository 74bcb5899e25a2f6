import * as english from '../en/methods';
import { localized } from '../localized';

export const methodsWords = localized(english, 'methods');
