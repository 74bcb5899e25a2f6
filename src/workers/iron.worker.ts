import { mapRow, type IronQuestion } from '../core/iron';
import { serve } from './serve';

/** One row of the map of an iron: one set temperature at all its paces. */
export interface IronRow {
  question: IronQuestion;
  setC: number;
  passS: readonly number[];
}

serve(({ question, setC, passS }: IronRow) => mapRow(question, setC, passS));
