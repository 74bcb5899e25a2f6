import * as english from '../en/glide';
import { localized } from '../localized';

export const glideWords = localized(english, 'glide');
