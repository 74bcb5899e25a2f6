import { outlookRun, type OutlookInput } from '../core/snow/outlook';
import { serve } from './serve';

const STEPS_A_SLICE = 72;

serve(async (input: OutlookInput, turn) => {
  const making = outlookRun(input);
  while (!making.advance(STEPS_A_SLICE)) await turn(making.done() / making.steps);
  return making.result();
});
