import * as english from '../en/screens/quick';
import { spoken } from '../spoken';

export const quickScreenWords = spoken(english, 'screens/quick');
