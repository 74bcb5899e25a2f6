import * as english from '../en/screens/devices';
import { spoken } from '../spoken';

export const devicesScreenWords = spoken(english, 'screens/devices');
