import * as english from '../en/shelf';
import { localized } from '../localized';

export const shelfWords = localized(english, 'shelf');
