import * as english from '../en/glide';
import { spoken } from '../spoken';

export const glideWords = spoken(english, 'glide');
