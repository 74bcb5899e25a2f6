/** What goes wrong on snow. */
export const COMPLAINTS = ['slipping', 'dragging', 'icing', 'wearing_off'] as const;
export type Complaint = (typeof COMPLAINTS)[number];

/** One thing to try. */
export interface TroubleStep {
  key: string;
  title: string;
  how: string;
}

const step = (key: string, title: string, how: string): TroubleStep => ({ key, title, how });

/** In the order in which they are tried: the smallest change first, none that undoes the one before. */
const STEPS: Record<Complaint, readonly TroubleStep[]> = {
  slipping: [
    step('longer', 'Lengthen the zone', 'About 5 cm further forward, thin, corked smooth.'),
    step('more_layers', 'One or two more layers', 'In the middle of the zone, each corked.'),
    step('softer', 'The next softer wax over it', 'From the middle out; cool it outdoors first.'),
    step(
      'klister',
      'Scrape off, klister',
      'When even the softest stick slips, the snow wants klister.',
    ),
  ],
  dragging: [
    step('thinner', 'Thin it', 'Scrape the ends of the zone, cork hard: fewer layers.'),
    step('shorter', 'Shorten the zone', 'Take 5 cm off in front.'),
    step('harder', 'The next harder wax', 'Scrape the soft off first: hard does not hold on soft.'),
  ],
  icing: [
    step('scrape', 'Scrape the ice off', 'To the wax, then cork until it shines.'),
    step('cover', 'Cover with a harder stick', 'One thin layer, ski cold, corked lightly.'),
    step('shorter', 'Shorten and thin the zone', 'Ice starts at thick ends.'),
    step('harder', 'The next harder wax', 'Scrape all of the soft off first.'),
  ],
  wearing_off: [
    step('more_layers', 'Two more layers', 'Thin, corked; on a ski as cold as the snow.'),
    step(
      'binder',
      'A binder beneath',
      'Scrape bare, iron or cork a thin binder in, wax over it cold.',
    ),
    step('klister', 'Klister', 'On ice no stick lasts: klister over the binder.'),
  ],
};

/** What was tried already, in its order. */
export interface Tried {
  complaint: Complaint;
  key: string;
}

export interface TroubleAdvice {
  /** The next thing to try; undefined when all was tried. */
  next: TroubleStep | undefined;
  remaining: TroubleStep[];
  reason: string;
}

/** What would undo it, when the trouble turns round after a step. */
const OPPOSITE: Partial<Record<Complaint, Complaint>> = {
  slipping: 'dragging',
  dragging: 'slipping',
};

/** The next step for a complaint, remembering what was tried today. */
export function troubleStep(complaint: Complaint, tried: readonly Tried[]): TroubleAdvice {
  const done = new Set(tried.filter((one) => one.complaint === complaint).map((one) => one.key));
  const remaining = STEPS[complaint].filter((one) => !done.has(one.key));
  const last = tried.at(-1);
  const turned = last && OPPOSITE[complaint] === last.complaint;
  const reason = turned
    ? 'The last step went too far the other way: take back half of it first.'
    : remaining.length === 0
      ? 'All of it was tried: scrape bare and choose anew from a fresh reading.'
      : done.size === 0
        ? 'The smallest change first.'
        : `${done.size} tried already: the next larger change.`;
  return { next: remaining[0], remaining, reason };
}

/** Bases that are not waxed for grip: what to do, and what never. */
export const NO_WAX_BASES = {
  patterned: {
    title: 'Patterned base',
    todo: [
      'Glide wax tips and tails as on any ski.',
      'Over the pattern a thin liquid or paste, wiped along it, or it ices in wet new snow.',
      'Brush what is left out of the pattern, tip to tail.',
    ],
    never: ['Never hot wax the pattern: it fills and is gone.', 'Never scrape across it.'],
  },
  skin: {
    title: 'Skin base',
    todo: [
      'Clean the skin with its own cleaner, dry it open.',
      'Its own anti-ice, thin, when snow is new or about freezing.',
      'Glide wax tips and tails; cover the skin while you do.',
    ],
    never: [
      'Never iron over the skin: glue and hair melt.',
      'Never glide or grip wax on the hair.',
    ],
  },
} as const;
export type NoWaxBase = keyof typeof NO_WAX_BASES;
