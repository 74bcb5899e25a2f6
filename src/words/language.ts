import type { WordsPath } from './words-path';

/** All words as English has them; the other languages have the same places. */
interface English extends Record<WordsPath, object> {
  bench: typeof import('./en/bench');
  choice: typeof import('./en/choice');
  fields: typeof import('./en/fields');
  glide: typeof import('./en/glide');
  grip: typeof import('./en/grip');
  iron: typeof import('./en/iron');
  methods: typeof import('./en/methods');
  mistakes: typeof import('./en/mistakes');
  pairs: typeof import('./en/pairs');
  plan: typeof import('./en/plan');
  shelf: typeof import('./en/shelf');
  ski: typeof import('./en/ski');
  snow: typeof import('./en/snow');
  steps: typeof import('./en/steps');
  terms: typeof import('./en/terms');
  'screens/bench': typeof import('./en/screens/bench');
  'screens/devices': typeof import('./en/screens/devices');
  'screens/drills': typeof import('./en/screens/drills');
  'screens/formats': typeof import('./en/screens/formats');
  'screens/frame': typeof import('./en/screens/frame');
  'screens/grip': typeof import('./en/screens/grip');
  'screens/host': typeof import('./en/screens/host');
  'screens/iron': typeof import('./en/screens/iron');
  'screens/learning': typeof import('./en/screens/learning');
  'screens/log': typeof import('./en/screens/log');
  'screens/outbox': typeof import('./en/screens/outbox');
  'screens/outing': typeof import('./en/screens/outing');
  'screens/pages': typeof import('./en/screens/pages');
  'screens/pairs': typeof import('./en/screens/pairs');
  'screens/pick': typeof import('./en/screens/pick');
  'screens/plan': typeof import('./en/screens/plan');
  'screens/practice': typeof import('./en/screens/practice');
  'screens/quick': typeof import('./en/screens/quick');
  'screens/season': typeof import('./en/screens/season');
  'screens/server': typeof import('./en/screens/server');
  'screens/settings': typeof import('./en/screens/settings');
  'screens/shelf': typeof import('./en/screens/shelf');
  'screens/skis': typeof import('./en/screens/skis');
  'screens/snow': typeof import('./en/screens/snow');
  'screens/test': typeof import('./en/screens/test');
  'screens/ui': typeof import('./en/screens/ui');
  'screens/venue': typeof import('./en/screens/venue');
}

/** The same words in another language: the same names, and functions of the same figures. */
export type Translated<T> = T extends string
  ? string
  : T extends (...figures: infer Figures) => infer Said
    ? (...figures: Figures) => Translated<Said>
    : T extends object
      ? { readonly [Key in keyof T]: Translated<T[Key]> }
      : T;

/** The words of one place in another language. */
export type WordsAt<At extends WordsPath> = Translated<English[At]>;

/** A whole language; one that lacks a word does not compile. */
export type Language = { readonly [At in WordsPath]: WordsAt<At> };
