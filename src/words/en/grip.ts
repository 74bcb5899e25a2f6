import type {
  CarryAlong,
  Complaint,
  FitNote,
  GripCaution,
  GripLayersReason,
  GripRankReason,
  KindReason,
  NoWaxBase,
  TroubleKeys,
  TroubleReason,
} from '../../core/grip';
import type { WordsFor } from '../say';

export const KIND_REASON: WordsFor<KindReason> = {
  wet_new_snow: 'Wet new snow: klister holds, and a soft stick over it stops icing.',
  wet_coarse_snow: 'Wet coarse snow: a stick cannot grip.',
  moist_coarse_snow: 'Moist coarse grains: they roll off a stick and hold on klister.',
  refrozen_or_icy: 'Refrozen or icy snow wears any stick off within a few kilometres.',
  stick_holds: 'Grains that a stick can hold.',
};

export const GRIP_RANK_REASON: WordsFor<GripRankReason> = {
  may_slip: 'A little hard for today: it may slip.',
  may_drag: 'A little soft for today: it may drag or ice up.',
  in_its_range: 'Today is inside its range.',
};

export const GRIP_LAYERS: WordsFor<GripLayersReason> = {
  one_klister_layer: 'One thin, even layer, warmed in and closed at both ends.',
  klister_and_cover: 'One layer of klister, cooled hard, and one of stick over it.',
  more_layers_for_distance: ({ distanceKm }, write) =>
    `${write.distance(distanceKm)} wears off more than three layers. Keep each thin and cork it smooth.`,
  thin_layers: 'Thin layers, each corked smooth.',
};

export const CARRY: WordsFor<CarryAlong> = {
  carry_along: ({ name, isWarming }) =>
    `The snow gets ${isWarming ? 'warmer' : 'colder'} on the way. Carry ${name} and a cork.`,
};

export const GRIP_CAUTION: WordsFor<GripCaution> = {
  wet_snow_below_zero: ({ temperatureC }, write) =>
    `Wet snow is at ${write.temperature(0, 0)}, but the probe says ${write.temperature(temperatureC)}. Check the probe or repeat the snowball test.`,
  no_stick: 'There is no stick on the shelf.',
  no_klister: 'There is no klister on the shelf.',
  nothing_fits: ({ nearest }) => `Nothing on the shelf fits today. The nearest is ${nearest}.`,
  no_binder: 'A binder is needed, and there is none on the shelf. The wax will wear off sooner.',
  may_turn_wet: 'The air is above freezing, so dry snow may turn wet soon. Keep klister ready.',
};

export const FIT_NOTE: WordsFor<FitNote> = {
  pocket_too_soft:
    'Half weight almost closes the pocket, so the wax will drag. Use a stiffer ski or a short zone.',
  pocket_too_stiff:
    'Full weight does not close enough of the pocket, so the ski will slip. Use a softer ski or thicker wax.',
  touches_inside: ({ atCm }) =>
    `At ${atCm} cm the ski touches inside the zone, and the wax will drag there. Leave that place free.`,
  end_open: ({ end }) =>
    `The ${end === 'back' ? 'rearmost' : 'foremost'} place you measured is still open. Measure farther ${end === 'back' ? 'back' : 'forward'} to find the end of the zone.`,
  other_weight: ({ measuredKg, skierKg }) =>
    `Measured with ${measuredKg} kg and converted to ${skierKg} kg. Measure again with the skier when you can.`,
  feeler_ends_only:
    'A feeler shows the ends, not the height. The layers are what the feeler has room for.',
  simple_rule: 'From the simple rule, not measured. Measure the pocket when you can.',
};

export const COMPLAINT: Record<Complaint, string> = {
  slipping: 'It slips',
  dragging: 'It drags',
  icing: 'It ices up',
  wearing_off: 'It wears off',
};

type TroubleWords = {
  readonly [C in Complaint]: Record<TroubleKeys[C], { title: string; how: string }>;
};

/** What to try for each complaint. */
export const TROUBLE: TroubleWords = {
  slipping: {
    longer: {
      title: 'Make the zone longer',
      how: 'About 5 cm further forward, thin, corked smooth.',
    },
    more_layers: {
      title: 'Add one or two layers',
      how: 'In the middle of the zone. Cork each layer.',
    },
    softer: {
      title: 'Put the next softer wax over it',
      how: 'From the middle outwards. Cool it outdoors first.',
    },
    klister: {
      title: 'Scrape off and use klister',
      how: 'If even the softest stick slips, the snow needs klister.',
    },
  },
  dragging: {
    thinner: {
      title: 'Make it thinner',
      how: 'Scrape the ends of the zone and cork hard.',
    },
    shorter: { title: 'Make the zone shorter', how: 'Take 5 cm off at the front.' },
    harder: {
      title: 'Use the next harder wax',
      how: 'Scrape the soft wax off first. Hard wax does not hold on soft wax.',
    },
  },
  icing: {
    scrape: { title: 'Scrape the ice off', how: 'Down to the wax, then cork until it shines.' },
    cover: {
      title: 'Cover with a harder stick',
      how: 'One thin layer on a cold ski, corked lightly.',
    },
    shorter: {
      title: 'Make the zone shorter and thinner',
      how: 'Ice starts at thick ends.',
    },
    harder: { title: 'Use the next harder wax', how: 'Scrape all the soft wax off first.' },
  },
  wearing_off: {
    more_layers: {
      title: 'Add two layers',
      how: 'Thin and corked, on a ski as cold as the snow.',
    },
    binder: {
      title: 'Put a binder underneath',
      how: 'Scrape bare, iron or cork in a thin binder, then wax over it when cold.',
    },
    klister: { title: 'Use klister', how: 'No stick lasts on ice. Put klister over the binder.' },
  },
};

export const NOTHING_LEFT = 'Nothing left to try';

export const TROUBLE_REASON: WordsFor<TroubleReason> = {
  turned_round: 'The last step went too far. Undo half of it first.',
  all_tried: 'You have tried everything. Scrape bare and choose again from a new reading.',
  smallest_first: 'Start with the smallest change.',
  some_tried: ({ count }) => `You have tried ${count}. This is the next larger change.`,
};

/** Bases that are not waxed for grip: what to do, and what never to do. */
export const NO_WAX_BASE: Record<
  NoWaxBase,
  { title: string; todo: readonly string[]; never: readonly string[] }
> = {
  patterned: {
    title: 'Patterned base',
    todo: [
      'Glide wax tips and tails as on any ski.',
      'Wipe a thin liquid or paste along the pattern. Without it the pattern ices up in wet new snow.',
      'Brush what is left out of the pattern, tip to tail.',
    ],
    never: ['Never hot wax the pattern: wax fills it up.', 'Never scrape across it.'],
  },
  skin: {
    title: 'Skin base',
    todo: [
      'Clean the skin with skin cleaner and let it dry.',
      'On new snow or around freezing, put on a thin film of skin care against icing.',
      'Glide wax tips and tails. Cover the skin while you do.',
    ],
    never: [
      'Never iron over the skin: glue and hair melt.',
      'Never put glide or grip wax on the hair.',
    ],
  },
};
