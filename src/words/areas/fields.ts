import * as english from '../en/fields';
import { spoken } from '../spoken';

export const fieldsWords = spoken(english, 'fields');
