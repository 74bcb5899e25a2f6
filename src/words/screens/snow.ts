import * as english from '../en/screens/snow';
import { localized } from '../localized';

export const snowScreenWords = localized(english, 'screens/snow');
