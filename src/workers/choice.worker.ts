import { choose } from '../core/choice';
import { serve } from './serve';

serve(choose);
