import * as english from '../en/shelf';
import { spoken } from '../spoken';

export const shelfWords = spoken(english, 'shelf');
