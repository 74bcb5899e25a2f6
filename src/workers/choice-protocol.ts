import type { ChoiceQuestion, RobustChoice } from '../core/choice';

export interface ChoiceRequest {
  id: number;
  question: ChoiceQuestion;
}

export interface ChoiceReply {
  id: number;
  choice?: RobustChoice;
  problem?: string;
}
