import {
  CalendarClock,
  Columns2,
  Droplets,
  Flame,
  Footprints,
  LibraryBig,
  Mountain,
  NotebookPen,
  Settings,
  Snowflake,
  Target,
  Timer,
  Users,
  Wrench,
  Zap,
} from 'lucide-react';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.dayRail;

/** One screen of an outing; its path is also the name of its key. */
export interface RailItem {
  path:
    | 'quick'
    | 'snow'
    | 'pick'
    | 'grip'
    | 'skis'
    | 'pairs'
    | 'bench'
    | 'plan'
    | 'test'
    | 'log'
    | 'venue'
    | 'shelf'
    | 'iron'
    | 'practice'
    | 'settings';
  name: string;
  icon: typeof Snowflake;
}

/** Screens outside every outing. */
export const OUTSIDE: readonly RailItem['path'][] = ['quick', 'practice'];

/** Where an item leads. */
export const hrefOf = ({ path }: RailItem, outingId: string): string =>
  OUTSIDE.includes(path) ? `/${path}` : `/outing/${outingId}/${path}`;

/** The screens in the order of the day's work. */
export const WORKING_ORDER: readonly RailItem[] = [
  { path: 'quick', name: WORDS.quick, icon: Zap },
  { path: 'snow', name: WORDS.snow, icon: Snowflake },
  { path: 'pick', name: WORDS.pick, icon: Droplets },
  { path: 'grip', name: WORDS.grip, icon: Footprints },
  { path: 'skis', name: WORDS.skis, icon: Columns2 },
  { path: 'pairs', name: WORDS.pairs, icon: Users },
  { path: 'bench', name: WORDS.bench, icon: Wrench },
  { path: 'plan', name: WORDS.plan, icon: CalendarClock },
  { path: 'test', name: WORDS.test, icon: Timer },
  { path: 'log', name: WORDS.log, icon: NotebookPen },
];

/** The screens beside it. */
export const BESIDE: readonly RailItem[] = [
  { path: 'venue', name: WORDS.venue, icon: Mountain },
  { path: 'shelf', name: WORDS.shelf, icon: LibraryBig },
  { path: 'iron', name: WORDS.iron, icon: Flame },
  { path: 'practice', name: WORDS.practice, icon: Target },
  { path: 'settings', name: WORDS.settings, icon: Settings },
];
