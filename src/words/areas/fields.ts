import * as english from '../en/fields';
import { localized } from '../localized';

export const fieldsWords = localized(english, 'fields');
