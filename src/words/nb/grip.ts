import type { WordsAt } from '../language';
import { plain } from '../quantities';

export const grip: WordsAt<'grip'> = {
  KIND_REASON: {
    wet_new_snow: 'Våt nysnø: klister fester, og en myk festevoks over hindrer ising.',
    wet_coarse_snow: 'Våt, grov snø: festevoks får ikke tak.',
    moist_coarse_snow: 'Fuktige, grove korn: de ruller av festevoks og sitter i klister.',
    refrozen_or_icy: 'Skare eller is sliter av all festevoks på få kilometer.',
    stick_holds: 'Korn som en festevoks kan holde.',
  },
  GRIP_RANK_REASON: {
    may_slip: 'Litt hard for i dag: den kan glippe.',
    may_drag: 'Litt myk for i dag: den kan bremse eller ise.',
    in_its_range: 'Dagen ligger innenfor området.',
  },
  GRIP_LAYERS: {
    one_klister_layer: 'Ett tynt, jevnt lag, varmet inn og lukket i begge ender.',
    klister_and_cover: 'Ett lag klister, kjølt hardt, og ett lag festevoks over.',
    more_layers_for_distance: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)} sliter av mer enn tre lag. Hold hvert lag tynt, og kork det glatt.`,
    thin_layers: 'Tynne lag, hvert korket glatt.',
  },
  CARRY: {
    carry_along: ({ name, isWarming }) =>
      `Snøen blir ${isWarming ? 'varmere' : 'kaldere'} underveis. Ta med ${name} og en kork.`,
  },
  GRIP_CAUTION: {
    wet_snow_below_zero: ({ temperatureC }, write) =>
      `Våt snø holder ${write.temperature(0, 0)}, men føleren sier ${write.temperature(temperatureC)}. Sjekk føleren, eller kram snøen en gang til.`,
    no_stick: 'Det er ingen festevoks på hylla.',
    no_klister: 'Det er ikke noe klister på hylla.',
    nothing_fits: ({ nearest }) => `Ingenting på hylla passer i dag. Nærmest er ${nearest}.`,
    no_binder: 'Det trengs grunnvoks, og det er ingen på hylla. Voksen slites av fortere.',
    may_turn_wet: 'Luften er over null, så tørr snø kan snart bli våt. Ha klister klart.',
  },
  FIT_NOTE: {
    pocket_too_soft:
      'Halv vekt lukker nesten spennet, så voksen vil bremse. Ta en stivere ski eller en kort sone.',
    pocket_too_stiff:
      'Full vekt lukker ikke nok av spennet, så skien vil glippe. Ta en mykere ski eller tykkere voks.',
    touches_inside: ({ atCm }) =>
      `Ved ${plain(atCm)} cm tar skien nedi inne i sonen, og der vil voksen bremse. La det stedet være fritt.`,
    end_open: ({ end }) =>
      `Det ${end === 'back' ? 'bakerste' : 'fremste'} stedet du målte, er fortsatt åpent. Mål lenger ${end === 'back' ? 'bak' : 'frem'} for å finne enden av sonen.`,
    other_weight: ({ measuredKg, skierKg }) =>
      `Målt med ${plain(measuredKg)} kg og regnet om til ${plain(skierKg)} kg. Mål på nytt med løperen når du kan.`,
    feeler_ends_only: 'Et følerblad viser endene, ikke høyden. Lagene er det bladet har plass til.',
    simple_rule: 'Etter tommelfingerregelen, ikke målt. Mål spennet når du kan.',
  },
  COMPLAINT: {
    slipping: 'Den glipper',
    dragging: 'Den bremser',
    icing: 'Den iser',
    wearing_off: 'Den slites av',
  },
  TROUBLE: {
    slipping: {
      longer: { title: 'Gjør sonen lengre', how: 'Omtrent 5 cm lenger frem, tynt, korket glatt.' },
      more_layers: {
        title: 'Legg på ett eller to lag',
        how: 'Midt i sonen. Kork hvert lag.',
      },
      softer: {
        title: 'Legg neste mykere voks over',
        how: 'Fra midten og utover. Kjøl den ute først.',
      },
      klister: {
        title: 'Skrap av, og bruk klister',
        how: 'Glipper selv den mykeste festevoksen, trenger snøen klister.',
      },
    },
    dragging: {
      thinner: { title: 'Gjør den tynnere', how: 'Skrap endene av sonen, og kork hardt.' },
      shorter: { title: 'Gjør sonen kortere', how: 'Ta bort 5 cm foran.' },
      harder: {
        title: 'Bruk neste hardere voks',
        how: 'Skrap av den myke voksen først. Hard voks fester ikke på myk.',
      },
    },
    icing: {
      scrape: { title: 'Skrap av isen', how: 'Ned til voksen, så kork til den skinner.' },
      cover: {
        title: 'Dekk med en hardere festevoks',
        how: 'Ett tynt lag på kald ski, lett korket.',
      },
      shorter: {
        title: 'Gjør sonen kortere og tynnere',
        how: 'Isingen begynner i tykke ender.',
      },
      harder: {
        title: 'Bruk neste hardere voks',
        how: 'Skrap av all den myke voksen først.',
      },
    },
    wearing_off: {
      more_layers: {
        title: 'Legg på to lag',
        how: 'Tynt og korket, på en ski som er like kald som snøen.',
      },
      binder: {
        title: 'Legg grunnvoks under',
        how: 'Skrap rent, varm eller kork inn tynn grunnvoks, og smør over når den er kald.',
      },
      klister: {
        title: 'Bruk klister',
        how: 'Ingen festevoks varer på is. Legg klister over grunnvoksen.',
      },
    },
  },
  NOTHING_LEFT: 'Ingenting igjen å prøve',
  TROUBLE_REASON: {
    turned_round: 'Forrige steg gikk for langt. Ta tilbake halvparten først.',
    all_tried: 'Du har prøvd alt. Skrap rent, og velg på nytt etter en ny måling.',
    smallest_first: 'Begynn med den minste endringen.',
    some_tried: ({ count }) => `Du har prøvd ${count}. Dette er den neste, større endringen.`,
  },
  NO_WAX_BASE: {
    patterned: {
      title: 'Smørefri såle',
      todo: [
        'Glid tupp og bakski som på andre ski.',
        'Stryk tynt med flytende eller pasta langs mønsteret. Uten det iser mønsteret i våt nysnø.',
        'Børst resten ut av mønsteret, fra tupp til bakende.',
      ],
      never: ['Aldri varm voks på mønsteret: det tettes.', 'Aldri skrap på tvers av det.'],
    },
    skin: {
      title: 'Felleski',
      todo: [
        'Rens fella med fellerens, og la den tørke.',
        'På nysnø eller rundt null: en tynn film fellpleie mot ising.',
        'Glid tupp og bakski. Dekk til fella imens.',
      ],
      never: [
        'Aldri jern over fella: lim og hår smelter.',
        'Aldri glider eller festevoks på hårene.',
      ],
    },
  },
};
