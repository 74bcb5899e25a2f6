import * as english from '../en/screens/snow';
import { spoken } from '../spoken';

export const snowScreenWords = spoken(english, 'screens/snow');
