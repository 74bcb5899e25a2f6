import * as english from '../en/screens/settings';
import { localized } from '../localized';

export const settingsScreenWords = localized(english, 'screens/settings');
