import * as english from '../en/snow';
import { localized } from '../localized';

export const snowWords = localized(english, 'snow');
