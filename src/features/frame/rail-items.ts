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
import { SCREENS, type RailPath } from '@/core/model/screens';
import { frameScreenWords } from '@/words/screens/frame';

const WORDS = frameScreenWords.dayRail;

/** A screen that the rail shows; its path is also the name of its key. */
export interface RailItem {
  path: RailPath;
  icon: typeof Snowflake;
}

const ICON: Record<RailPath, typeof Snowflake> = {
  quick: Zap,
  snow: Snowflake,
  pick: Droplets,
  grip: Footprints,
  skis: Columns2,
  pairs: Users,
  bench: Wrench,
  plan: CalendarClock,
  test: Timer,
  log: NotebookPen,
  venue: Mountain,
  shelf: LibraryBig,
  iron: Flame,
  practice: Target,
  settings: Settings,
};

/** What an item is called. */
export const nameOf = ({ path }: RailItem): string => WORDS[path];

const inRail = (rail: 'work' | 'beside'): RailItem[] =>
  (Object.keys(ICON) as RailPath[])
    .filter((path) => SCREENS[path].rail === rail)
    .map((path) => ({ path, icon: ICON[path] }));

/** The screens in the order of the day's work. */
export const WORKING_ORDER: readonly RailItem[] = inRail('work');

/** The screens beside it. */
export const BESIDE: readonly RailItem[] = inRail('beside');
