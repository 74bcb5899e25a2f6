import * as english from '../en/bench';
import { localized } from '../localized';

export const benchWords = localized(english, 'bench');
