import * as english from '../en/grip';
import { localized } from '../localized';

export const gripWords = localized(english, 'grip');
