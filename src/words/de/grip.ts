import type { WordsAt } from '../language';
import { plain } from '../quantities';

export const grip: WordsAt<'grip'> = {
  KIND_REASON: {
    wet_new_snow:
      'Nasser Neuschnee: Klister hält, und weiches Steigwachs darüber hemmt das Vereisen.',
    wet_coarse_snow: 'Nasser, grober Schnee: Steigwachs greift nicht.',
    moist_coarse_snow: 'Feuchte, grobe Körner: sie rollen vom Steigwachs und halten im Klister.',
    refrozen_or_icy: 'Harsch oder Eis reibt jedes Steigwachs in wenigen Kilometern ab.',
    stick_holds: 'Körner, die ein Steigwachs halten kann.',
  },
  GRIP_RANK_REASON: {
    may_slip: 'Für heute etwas hart: es kann rutschen.',
    may_drag: 'Für heute etwas weich: es kann bremsen oder vereisen.',
    in_its_range: 'Heute liegt in seinem Bereich.',
  },
  GRIP_LAYERS: {
    one_klister_layer:
      'Eine dünne, gleichmäßige Schicht, eingewärmt und an beiden Enden geschlossen.',
    klister_and_cover: 'Eine Schicht Klister, hart gekühlt, und eine Steigwachs darüber.',
    more_layers_for_distance: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)} reiben mehr als drei Schichten ab. Jede dünn halten und glatt korken.`,
    thin_layers: 'Dünne Schichten, jede glatt gekorkt.',
  },
  CARRY: {
    carry_along: ({ name, isWarming }) =>
      `Der Schnee wird unterwegs ${isWarming ? 'wärmer' : 'kälter'}. ${name} und einen Kork mitnehmen.`,
  },
  GRIP_CAUTION: {
    wet_snow_below_zero: ({ temperatureC }, write) =>
      `Nasser Schnee hat ${write.temperature(0, 0)}, der Fühler sagt aber ${write.temperature(temperatureC)}. Fühler prüfen oder noch einmal einen Schneeball formen.`,
    no_stick: 'Im Regal ist kein Steigwachs.',
    no_klister: 'Im Regal ist kein Klister.',
    nothing_fits: ({ nearest }) => `Heute passt nichts im Regal. Am nächsten liegt ${nearest}.`,
    no_binder: 'Es braucht Grundklister, und im Regal ist keiner. Das Wachs reibt sich früher ab.',
    may_turn_wet:
      'Die Luft ist über null, trockener Schnee kann bald nass werden. Klister bereithalten.',
  },
  FIT_NOTE: {
    pocket_too_soft:
      'Halbes Gewicht schließt die Spannung fast, das Wachs wird bremsen. Einen härteren Ski oder eine kurze Zone nehmen.',
    pocket_too_stiff:
      'Volles Gewicht schließt die Spannung nicht genug, der Ski wird rutschen. Einen weicheren Ski oder dickeres Wachs nehmen.',
    touches_inside: ({ atCm }) =>
      `Bei ${plain(atCm)} cm liegt der Ski in der Zone auf, dort wird das Wachs bremsen. Diese Stelle frei lassen.`,
    end_open: ({ end }) =>
      `Die ${end === 'back' ? 'hinterste' : 'vorderste'} gemessene Stelle ist noch offen. Weiter ${end === 'back' ? 'hinten' : 'vorn'} messen, um das Ende der Zone zu finden.`,
    other_weight: ({ measuredKg, skierKg }) =>
      `Mit ${plain(measuredKg)} kg gemessen und auf ${plain(skierKg)} kg umgerechnet. Bei Gelegenheit mit dem Läufer neu messen.`,
    feeler_ends_only:
      'Eine Fühlerlehre zeigt die Enden, nicht die Höhe. Die Schichten sind, wofür die Lehre Platz hat.',
    simple_rule: 'Nach der Faustregel, nicht gemessen. Bei Gelegenheit die Spannung messen.',
  },
  COMPLAINT: {
    slipping: 'Rutscht',
    dragging: 'Bremst',
    icing: 'Vereist',
    wearing_off: 'Reibt sich ab',
  },
  TROUBLE: {
    slipping: {
      longer: {
        title: 'Die Zone verlängern',
        how: 'Etwa 5 cm weiter nach vorn, dünn, glatt gekorkt.',
      },
      more_layers: {
        title: 'Eine oder zwei Schichten mehr',
        how: 'In der Mitte der Zone. Jede Schicht korken.',
      },
      softer: {
        title: 'Das nächstweichere Wachs darüber',
        how: 'Von der Mitte nach außen. Erst im Freien kühlen.',
      },
      klister: {
        title: 'Abziehen und Klister nehmen',
        how: 'Rutscht selbst das weichste Steigwachs, braucht der Schnee Klister.',
      },
    },
    dragging: {
      thinner: {
        title: 'Dünner machen',
        how: 'Die Enden der Zone abziehen und fest korken.',
      },
      shorter: { title: 'Die Zone kürzen', how: 'Vorn 5 cm wegnehmen.' },
      harder: {
        title: 'Das nächsthärtere Wachs nehmen',
        how: 'Erst das weiche abziehen. Hartes Wachs hält nicht auf weichem.',
      },
    },
    icing: {
      scrape: {
        title: 'Das Eis abziehen',
        how: 'Bis auf das Wachs, dann korken, bis es glänzt.',
      },
      cover: {
        title: 'Mit härterem Steigwachs abdecken',
        how: 'Eine dünne Schicht auf kaltem Ski, leicht gekorkt.',
      },
      shorter: {
        title: 'Die Zone kürzer und dünner machen',
        how: 'Das Vereisen beginnt an dicken Enden.',
      },
      harder: {
        title: 'Das nächsthärtere Wachs nehmen',
        how: 'Erst alles weiche Wachs abziehen.',
      },
    },
    wearing_off: {
      more_layers: {
        title: 'Zwei Schichten mehr',
        how: 'Dünn und gekorkt, auf einem Ski so kalt wie der Schnee.',
      },
      binder: {
        title: 'Grundklister darunter',
        how: 'Blank abziehen, dünn einbügeln oder einkorken, kalt überwachsen.',
      },
      klister: {
        title: 'Klister nehmen',
        how: 'Kein Steigwachs hält auf Eis. Klister über den Grundklister.',
      },
    },
  },
  NOTHING_LEFT: 'Nichts mehr zu versuchen',
  TROUBLE_REASON: {
    turned_round: 'Der letzte Schritt ging zu weit. Erst die Hälfte davon zurücknehmen.',
    all_tried: 'Alles ist versucht. Blank abziehen und nach einer neuen Messung neu wählen.',
    smallest_first: 'Mit der kleinsten Änderung beginnen.',
    some_tried: ({ count }) => `${count} sind versucht. Das ist die nächstgrößere Änderung.`,
  },
  NO_WAX_BASE: {
    patterned: {
      title: 'Schuppenski',
      todo: [
        'Spitzen und Enden gleitwachsen wie bei jedem Ski.',
        'Flüssigwachs oder Paste dünn entlang der Schuppen wischen. Ohne das vereisen sie in nassem Neuschnee.',
        'Reste aus den Schuppen bürsten, von der Spitze zum Ende.',
      ],
      never: ['Schuppen nie heiß wachsen: sie setzen sich zu.', 'Nie quer darüber abziehen.'],
    },
    skin: {
      title: 'Fellski',
      todo: [
        'Das Fell mit Fellreiniger säubern und trocknen lassen.',
        'Auf Neuschnee oder um null Grad ein dünner Film Fellpflege gegen Vereisen.',
        'Spitzen und Enden gleitwachsen. Das Fell dabei abdecken.',
      ],
      never: [
        'Nie mit dem Eisen übers Fell: Kleber und Haare schmelzen.',
        'Nie Gleit- oder Steigwachs auf die Haare.',
      ],
    },
  },
};
