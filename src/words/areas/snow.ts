import * as english from '../en/snow';
import { spoken } from '../spoken';

export const snowWords = spoken(english, 'snow');
