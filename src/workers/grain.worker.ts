import { measureGrains, type GreyPicture } from '../core/grain-card';
import { serve } from './serve';

/** A grey picture of a card, and what is between two lines of its ruling. */
export interface GrainQuestion {
  picture: GreyPicture;
  rulingMm: number;
}

serve(({ picture, rulingMm }: GrainQuestion) => measureGrains(picture, rulingMm));
