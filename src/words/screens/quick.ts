import * as english from '../en/screens/quick';
import { localized } from '../localized';

export const quickScreenWords = localized(english, 'screens/quick');
