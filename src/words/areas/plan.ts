import * as english from '../en/plan';
import { localized } from '../localized';

export const planWords = localized(english, 'plan');
