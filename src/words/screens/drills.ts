import * as english from '../en/screens/drills';
import { spoken } from '../spoken';

export const drillsScreenWords = spoken(english, 'screens/drills');
