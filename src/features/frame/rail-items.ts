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
  icon: typeof Snowflake;
}

/** What an item is called. */
export const nameOf = ({ path }: RailItem): string => WORDS[path];

/** Screens outside every outing. */
export const OUTSIDE: readonly RailItem['path'][] = ['quick', 'practice'];

/** Where an item leads. */
export const hrefOf = ({ path }: RailItem, outingId: string): string =>
  OUTSIDE.includes(path) ? `/${path}` : `/outing/${outingId}/${path}`;

/** The screens in the order of the day's work. */
export const WORKING_ORDER: readonly RailItem[] = [
  { path: 'quick', icon: Zap },
  { path: 'snow', icon: Snowflake },
  { path: 'pick', icon: Droplets },
  { path: 'grip', icon: Footprints },
  { path: 'skis', icon: Columns2 },
  { path: 'pairs', icon: Users },
  { path: 'bench', icon: Wrench },
  { path: 'plan', icon: CalendarClock },
  { path: 'test', icon: Timer },
  { path: 'log', icon: NotebookPen },
];

/** The screens beside it. */
export const BESIDE: readonly RailItem[] = [
  { path: 'venue', icon: Mountain },
  { path: 'shelf', icon: LibraryBig },
  { path: 'iron', icon: Flame },
  { path: 'practice', icon: Target },
  { path: 'settings', icon: Settings },
];
