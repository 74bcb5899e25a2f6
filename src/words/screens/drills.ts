import * as english from '../en/screens/drills';
import { localized } from '../localized';

export const drillsScreenWords = localized(english, 'screens/drills');
