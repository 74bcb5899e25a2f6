import * as english from '../en/screens/ui';
import { spoken } from '../spoken';

export const uiScreenWords = spoken(english, 'screens/ui');
