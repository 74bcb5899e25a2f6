import * as english from '../en/steps';
import { spoken } from '../spoken';

export const stepsWords = spoken(english, 'steps');
