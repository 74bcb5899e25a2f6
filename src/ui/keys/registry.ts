import { SCREEN_PATHS, screenFacts, SCREENS, type RailPath } from '../../core/model/screens';
import { lazily } from '../../words/lazily';
import { frameScreenWords } from '../../words/screens/frame';
import { uiScreenWords } from '../../words/screens/ui';

interface Shortcut {
  /** As the keyboard reports what it wrote, or a chord such as `mod+enter`. */
  key: string;
  /** How the list under `?` writes the key. */
  shown: () => string;
  /** What it does. */
  what: () => string;
}

const KEYS = lazily(uiScreenWords.keys);
const SCREEN = lazily(frameScreenWords.dayRail);

const plain = (key: string, what: () => string): Shortcut => ({ key, shown: () => key, what });

const OF_SCREENS = Object.fromEntries(
  SCREEN_PATHS.flatMap((path) => {
    const { key, rail } = screenFacts(path);
    return key && rail ? [[path, plain(key, SCREEN[path as RailPath])]] : [];
  }),
) as Record<RailPath, Shortcut>;

/** Every key of the app, in the order of the list under `?`. Nothing else listens to keys. */
export const SHORTCUTS = {
  ...OF_SCREENS,
  newOuting: plain(SCREENS['outing/new'].key, KEYS.newOuting),
  nextStep: { key: 'space', shown: KEYS.space, what: KEYS.nextStep },
  stepBack: plain('u', KEYS.stepBack),
  count: plain('c', KEYS.count),
  replan: plain('r', KEYS.replan),
  save: { key: 'mod+enter', shown: KEYS.ctrlEnter, what: KEYS.save },
  help: plain('?', KEYS.help),
} as const satisfies Record<string, Shortcut>;

export type ShortcutName = keyof typeof SHORTCUTS;

export interface ShortcutProps {
  name: ShortcutName;
  act: () => void;
}
