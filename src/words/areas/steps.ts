import * as english from '../en/steps';
import { localized } from '../localized';

export const stepsWords = localized(english, 'steps');
