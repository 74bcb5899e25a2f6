import * as english from '../en/screens/frame';
import { localized } from '../localized';

export const frameScreenWords = localized(english, 'screens/frame');
