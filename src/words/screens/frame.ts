import * as english from '../en/screens/frame';
import { spoken } from '../spoken';

export const frameScreenWords = spoken(english, 'screens/frame');
