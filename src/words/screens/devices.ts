import * as english from '../en/screens/devices';
import { localized } from '../localized';

export const devicesScreenWords = localized(english, 'screens/devices');
