import { mixed, object, string } from 'yup';

/** A finding with its words: a code that stays, its figures in SI, and the sentence. */
export const saidFields = () => ({
  code: string().required(),
  gravity: string().required(),
  parameters: mixed().required(),
  message: string().defined(),
});
export const saidSchema = () => object(saidFields()).noUnknown();
