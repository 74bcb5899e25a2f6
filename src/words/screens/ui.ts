import * as english from '../en/screens/ui';
import { localized } from '../localized';

export const uiScreenWords = localized(english, 'screens/ui');
