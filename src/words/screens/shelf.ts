import * as english from '../en/screens/shelf';
import { spoken } from '../spoken';

export const shelfScreenWords = spoken(english, 'screens/shelf');
