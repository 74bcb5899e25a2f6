import * as english from '../en/screens/settings';
import { spoken } from '../spoken';

export const settingsScreenWords = spoken(english, 'screens/settings');
