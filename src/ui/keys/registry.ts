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

/** Every key of the app, in the order of the list under `?`. Nothing else listens to keys. */
export const SHORTCUTS = {
  quick: plain('q', SCREEN.quick),
  snow: plain('s', SCREEN.snow),
  pick: plain('p', SCREEN.pick),
  grip: plain('g', SCREEN.grip),
  skis: plain('k', SCREEN.skis),
  pairs: plain('a', SCREEN.pairs),
  bench: plain('b', SCREEN.bench),
  plan: plain('d', SCREEN.plan),
  test: plain('t', SCREEN.test),
  log: plain('l', SCREEN.log),
  venue: plain('v', SCREEN.venue),
  shelf: plain('h', SCREEN.shelf),
  iron: plain('i', SCREEN.iron),
  practice: plain('f', SCREEN.practice),
  settings: plain('e', SCREEN.settings),
  newOuting: plain('n', KEYS.newOuting),
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
