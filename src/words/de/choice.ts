import type { StructureTask } from '../../core/choice';
import type { BaseState, Form, Origin, Wetness } from '../../core/terms';
import type { AdditiveNeed, StructureKind } from '../../core/wax';
import type { AnswerParts } from '../en/choice';
import type { WordsAt } from '../language';
import { fixed, plain } from '../quantities';

export const countedResults = (tests: number, outcomes: number): string =>
  [
    tests === 0 ? '' : tests === 1 ? '1 Test' : `${tests} Tests`,
    outcomes === 0 ? '' : outcomes === 1 ? '1 Ergebnis' : `${outcomes} Ergebnisse`,
  ]
    .filter(Boolean)
    .join(' und ');

export const resultsInWords = (tests: number, outcomes: number): string =>
  tests + outcomes === 0
    ? 'Ergebnisse von anderswo'
    : `${countedResults(tests, outcomes)} von hier`;

const WETNESS: Record<Wetness, string> = {
  dry: 'Kein freies Wasser.',
  moist: 'Der Schnee ballt: etwas freies Wasser.',
  wet: 'Zwischen den Körnern ist Wasser zu sehen.',
  very_wet: 'Wasser lässt sich mit der Hand herausdrücken.',
  soaked: 'Sulz, voller Wasser.',
};
const ORIGIN: Record<Origin, string> = {
  natural: 'Naturschnee.',
  mixed: 'Teils Kunstschnee: etwas härter.',
  machine_made: 'Dicht und aggressiv: härter.',
};

const NEED: Record<AdditiveNeed, string> = {
  water_repellent: 'wasserabweisender Zusatz',
  dry_lubricant: 'Trockenschmierstoff',
};

const CONDITIONING: Record<BaseState, string> = {
  in_use: 'Kein Rennen, kein aggressiver Schnee: ein weicher Auftrag hält den Belag satt.',
  dry: 'Der Belag ist trocken. Erst ein weiches Wachs einbügeln und warm abziehen.',
  new: 'Ein neuer Schliff nimmt viel Wachs. Erst weich und warm abziehen, dann die härteren Aufträge.',
  burnt: 'Der Belag ist an den Kanten verbrannt. Erst weiches Wachs zeigt, was er noch annimmt.',
};

const TOP_FORM: Partial<Record<Form, string>> = {
  liquid: ': flüssig',
  paste: ': eine Paste',
  roller_block: ': ein Block für die Rolle',
  block: ': angerieben und verkorkt',
  powder: ': ein Pulver, verkorkt',
};
const topForm = (form: Form) => TOP_FORM[form] ?? '';

const BRUSH_NAME = { steel: 'Stahlbürste', brass: 'Messingbürste' } as const;
const opened = ({ brush }: StructureTask) =>
  `Die Struktur mit der ${BRUSH_NAME[brush]} öffnen, von der Spitze zum Ende.`;

const FORM_AS: Record<Form, string> = {
  block: 'als Block',
  powder: 'als Pulver',
  liquid: 'flüssig',
  paste: 'als Paste',
  roller_block: 'mit der Rolle',
  tube: 'aus der Tube',
  stick: 'aus der Dose',
};
const COATS = ['', 'ein Auftrag', 'zwei Aufträge', 'drei Aufträge'];
const STRUCTURE_AS: Record<StructureKind, string> = {
  fine: 'feine Struktur',
  medium: 'mittlere Struktur',
  medium_coarse: 'mittelgrobe Struktur',
  coarse: 'grobe Struktur',
  pressed_rills: 'eingepresste Rillen',
};

function odds(probability: number): string {
  if (probability > 0.95) return 'so gut wie sicher';
  if (probability < 0.05) return 'in weniger als 1 von 10 Fällen';
  const times = Math.max(1, Math.round(probability * 10));
  return `in ${times} von 10 Fällen`;
}

const standing = (probability: number, losesLeast: boolean): string =>
  losesLeast && probability < 0.5
    ? `Verliert im Mittel am wenigsten. Bestes im Regal ${odds(probability)}.`
    : `Bestes im Regal ${odds(probability)}.`;

const howParts = ({ form, coats, layers, structure }: AnswerParts): string[] =>
  [
    FORM_AS[form],
    COATS[Math.min(3, coats)],
    layers.under && `über ${layers.under}`,
    layers.top && `${layers.top} obenauf`,
    layers.edges && `${layers.edges} entlang der Kanten`,
    `${STRUCTURE_AS[structure.kind]} ${plain(structure.widthMm, 2)} mm`,
  ].filter((part): part is string => part !== undefined && part !== '');

export const choice: WordsAt<'choice'> = {
  LEDGER_LABEL: {
    temperature: 'Schneetemperatur',
    snow_temperature: 'Schneetemperatur',
    abrasion: 'Abrieb',
    dry_cap: 'Grenze für trockenen Schnee',
    own: 'Eigene Korrektur',
    sharpness: 'Schärfe der Körner',
    new_snow: 'Scharfe neue Kristalle',
    humidity: 'Luftfeuchte',
    machine_made: 'Kunstschnee',
    wetness: 'Nässe',
    glazed: 'Blanke oder eisige Spur',
    distance: 'Distanz',
  },
  countedResults,
  resultsInWords,
  LEDGER_REASON: {
    measured_at_base: 'Gemessen, wo der Ski aufliegt. Etiketten gelten für die Schneetemperatur.',
    grain_sharp: 'Scharfe Kristalle graben sich in den Belag: härter.',
    grain_rounded: 'Runde Körner graben sich nicht ein: weicher.',
    grain_settled: 'Gesetzter Schnee: keine Änderung.',
    grain_not_given: 'Kein Korn angegeben. Gilt als gesetzter Schnee: keine Änderung.',
    humidity_moist: 'Feuchte Luft rundet die Kristalle ab: weicher.',
    humidity_dry: 'Trockene Luft hält die Kristalle scharf: härter.',
    humidity_middling: 'Mittlere Feuchte: keine Änderung.',
    humidity_idle: 'Zählt nur auf trockenem Schnee. Dieser ist schon nass.',
    origin: ({ origin }) => ORIGIN[origin],
    hard_track: ({ origin }) =>
      origin === 'natural'
        ? 'Eine eisige Spur oder Harsch reibt Wachs ab: härter.'
        : 'Eine eisige Spur aus Kunstschnee reibt Wachs ab: härter.',
    abrasion_idle: 'So viel Wasser hat diesen Schnee geglättet.',
    wet_snow_at_zero: (_, write) =>
      `Schnee mit freiem Wasser hat ${write.temperature(0, 0)}, was immer der Fühler sagt.`,
    dry_cap: 'Kein trockener Schnee verlangt ein Wachs über 0.',
    dry_cap_idle: 'Die Summe liegt in dem, was trockener Schnee verlangt.',
    wetness: ({ wetness }) => WETNESS[wetness],
    distance_long: 'Das Wachs muss halten: härter.',
    distance_short: 'So kurz, dass es nichts ausmacht.',
    own: ({ venueC, handC }, write) =>
      venueC === 0
        ? 'Von dir für diese Wahl gesetzt.'
        : handC === 0
          ? 'Für den Ort gesetzt.'
          : `${write.difference(venueC)} für den Ort und ${write.difference(handC)} von Hand.`,
    own_learned: ({ venueC, handC, learnedC, tests, outcomes }, write) =>
      [
        `${write.change(learnedC)} gelernt, aus ${resultsInWords(tests, outcomes)}.`,
        venueC === 0 ? '' : `${write.difference(venueC)} für den Ort gesetzt.`,
        handC === 0 ? '' : `${write.difference(handC)} von Hand.`,
      ]
        .filter(Boolean)
        .join(' '),
    own_none: 'Keine gesetzt.',
    not_glazed: 'Nicht blank.',
    grip_label_new: 'Nimmt das Etikett für neuen Schnee.',
    grip_label_old: 'Nimmt das Etikett für alten Schnee.',
    grip_new_crystals: 'Sie graben sich tief ein: härter.',
    grip_not_new: 'Kein Neuschnee. Das Etikett für alten Schnee deckt es ab.',
    grip_humidity: 'Feuchte Luft rundet die Kristalle ab: weicher.',
    grip_humidity_idle: 'Zählt nur auf trockenem Schnee.',
    grip_machine_made: 'Scharf, und reibt Wachs ab: härter.',
    grip_natural_or_wet: 'Naturschnee oder nasser Schnee.',
    grip_dry: 'Kein freies Wasser.',
    grip_wet: 'Wasser lässt die Körner rutschen: weicher.',
    grip_glazed: 'Eis reibt weiches Wachs ab: härter, über Grundklister.',
  },
  RANKING_REASON: {
    fluorocarbon_excluded: 'Nicht erlaubt: enthält Fluor, und das ist hier verboten.',
    at_the_middle: ({ centreC }, write) =>
      `Passt heute: die Mitte des Etiketts liegt bei ${write.temperature(centreC)}.`,
    too_soft: ({ byK, centreC }, write) =>
      `${write.difference(byK)} zu weich: die Mitte des Etiketts liegt bei ${write.temperature(centreC)}.`,
    too_hard: ({ byK, centreC }, write) =>
      `${write.difference(byK)} zu hart: die Mitte des Etiketts liegt bei ${write.temperature(centreC)}.`,
    lacks: ({ need }) => `Es fehlt: ${NEED[need]}.`,
    needless: ({ need }) => `Heute nicht nötig: ${NEED[need]}.`,
    wide_label: ({ spanK, costPercent }, write) =>
      `Das breite Etikett (${write.difference(spanK)}) kostet ${write.loss(costPercent)}.`,
    keeps_costlier: ({ costlier, extraPercent, savedAPair }, write) =>
      `${costlier} verlöre ${write.loss(extraPercent)} weniger, ist aber für Rennen reserviert. Dieses spart ${fixed(savedAPair, 2)} pro Paar.`,
  },
  ADDITIVE_REASON: {
    free_water: 'Der Schnee hält freies Wasser, und der Belag muss es abweisen.',
    humid_air: ({ humidityOverIce }, write) =>
      `Luft mit ${write.percent(humidityOverIce)} Feuchte über Eis bringt Feuchtigkeit auf den Schnee.`,
    dirty_snow: 'Schmutz haftet an reinem Wachs.',
    machine_made_dirt: 'Kunstschnee ist aggressiv und selten sauber.',
    static_charge: 'Kalt und trocken: es baut sich statische Ladung auf.',
  },
  STRUCTURE_REASON: {
    structure_free_water:
      'Freies Wasser braucht eingepresste Rillen: zwei feste Züge, nur in den Gleitzonen.',
    structure_wet: 'Ein glatter Belag saugt sich an nassem Schnee fest.',
    structure_moist_fine: 'Feuchter Schnee mit feinen Körnern.',
    structure_moist_round: 'Feuchter Schnee mit runden Körnern.',
    structure_cold: 'Kalter, feiner Schnee: wenig oder keine Struktur.',
    structure_dry: 'Trockener Schnee: eine flache, mittlere Struktur.',
  },
  CAUTION: {
    wet_snow_below_zero: ({ temperatureC }, write) =>
      `Nasser Schnee hat ${write.temperature(0, 0)}, der Fühler sagt aber ${write.temperature(temperatureC)}. Es gilt die Nässe. Fühler prüfen oder noch einmal einen Schneeball formen.`,
    made_and_natural:
      'Körner von Kunstschnee auf Naturschnee. Es gilt die Herkunft: Naturschnee. Eines von beiden berichtigen.',
    crust_and_wet:
      'Harsch ist gefroren, der Schnee aber nass. Es gilt das Wasser. Eines von beiden berichtigen.',
    glazed_and_soaked:
      'Eine blanke Spur ist gefroren, der Schnee aber sulzig. Es gilt das Wasser, mit Eis wird nicht gerechnet.',
    abrades_any_wax: ({ belowC }, write) =>
      `Unter ${write.temperature(belowC, 0)} reiben die Kristalle jedes Wachs ab. Hartes Wachs in mehreren Schichten nehmen.`,
    all_excluded: 'Kein Produkt ist erlaubt: die Regel dieses Einsatzes schließt alle aus.',
    nothing_fits: ({ equivalentC, nearest, lossPercent }, write) =>
      `Nichts im Regal passt. Gesucht ist ein Etikett um ${write.temperature(equivalentC, 0)}. Am nächsten liegt ${nearest}, das ${write.loss(lossPercent, 1)} verliert.`,
    legacy_fluorocarbons:
      'Altes Fluorwachs ist bei offiziellen Rennen nicht erlaubt. Absaugung und geeigneten Atemschutz benutzen, keine Flamme, nicht rauchen. Haut bedecken. Etiketten und örtliche Regeln beachten, auch für den Abfall.',
  },
  BASIS_REASON: {
    measured_at_start: 'Zur Startzeit gemessen, zählt also mehr als das Modell.',
    modelled_for_start: 'Für den Start berechnet und nach den Messungen berichtigt.',
    last_reading: 'Aus der letzten Messung. Für den Start gibt es kein Wetter.',
  },
  LAYER_REASON: {
    condition_base: ({ baseState }) => CONDITIONING[baseState],
    under_long: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)} sind lang: ein härteres Wachs darunter lässt es halten.`,
    under_abrasive: 'Die Spur ist aggressiv: ein härteres Wachs darunter hält das Wachs fest.',
    under_sharp: 'Scharfe Kristalle schleifen Wachs ab: ein härteres darunter hält es fest.',
    edges_burnt:
      'Der Belag ist an den Kanten verbrannt: ein Streifen entlang der Kanten unter dem Fuß.',
    edges_hard_snow:
      'Harter Schnee verbrennt den Belag: ein Streifen entlang der Kanten unter dem Fuß.',
    one_coat: 'Ein Auftrag genügt.',
    more_coats: ({ isRace, isLong }) =>
      `${isRace && isLong ? 'Ein langes Rennen' : isRace ? 'Ein Rennen' : 'Eine lange Strecke'}: jeden Auftrag abkühlen lassen, abziehen und bürsten.`,
    top_old_snow: ({ form }) =>
      `Fürs Rennen eine dünne Schicht Finish auf altem Schnee${topForm(form)}.`,
    top_new_snow: ({ form }) =>
      `Fürs Rennen eine dünne Schicht Finish auf Neuschnee${topForm(form)}.`,
  },
  MISSING_LAYER: {
    no_conditioner: 'Ein weiches Grundwachs zur Pflege.',
    no_hardener: 'Ein Härter für die Kanten unter dem Fuß.',
    no_harder_wax: 'Ein härteres Wachs für darunter.',
    no_top_layer: 'Ein passendes Finish. Es bringt wenig: ohne gehen.',
  },
  FORM_WORK: {
    liquid_cold:
      'Schütteln, mit dem Schwamm auftragen, Flasche schließen, trocknen lassen, bürsten. Keine Flamme in der Nähe.',
    rub_and_cork: 'Dünn anreiben und glatt korken. Keine Hitze, kein Lösungsmittel.',
    powder_and_iron:
      'Etwa 1 g pro Ski aufstreuen, dann ein kontrollierter Durchgang mit dem Eisen.',
    block_and_iron: 'Einbügeln, abkühlen lassen, abziehen, bürsten.',
  },
  FORM_REASON: {
    no_iron: 'Es gibt kein Eisen.',
    no_ventilation: 'Der Raum hat keine Lüftung.',
    no_fresh_air: 'Ohne Frischluft weder Eisen noch Lösungsmittel.',
    too_little_time: ({ leastHours }) =>
      `Es bleiben weniger als ${plain(leastHours)} h. Heißwachs kühlt nicht rechtzeitig ab.`,
    extruded_base: 'Ein extrudierter Belag nimmt vom Eisen wenig Wachs auf.',
    hard_as_powder: 'Hartes Wachs schmilzt als Pulver schneller und gleichmäßiger.',
    lasts_longest: 'Es hält am längsten, und die Zeit reicht.',
    only_form: 'Dieses Wachs gibt es in dieser Form.',
    liquid_outside: 'Ohne Frischluft im Freien auftragen.',
  },
  STRUCTURE_WORK: {
    grind_fits: (task) => `${opened(task)} Der Schliff passt: ohne Strukturgerät.`,
    grind_too_coarse: (task) =>
      `${opened(task)} Der Schliff ist zu grob: einen anderen Ski nehmen.`,
    two_firm_passes: (task) =>
      `${opened(task)} Mit dem Strukturgerät ${plain(task.widthMm, 2)} mm einpressen: zwei feste Züge, nur in den Gleitzonen.`,
    one_pass: (task) =>
      `${opened(task)} Mit dem Strukturgerät ${plain(task.widthMm, 2)} mm einpressen: ein Zug, nur in den Gleitzonen.`,
    press_nothing: (task) => `${opened(task)} Ohne Strukturgerät.`,
  },
  odds,
  standing,
  how(parts) {
    const line = howParts(parts).join(', ');
    return `${line.charAt(0).toUpperCase()}${line.slice(1)}.`;
  },
  answer: (parts, write) =>
    [
      `${[`${parts.name} ${howParts(parts)[0]}`, ...howParts(parts).slice(1)].join(', ')}.`,
      standing(parts.probabilityBest, parts.losesLeast),
      `Der Schnee hat ${write.temperature(parts.snowC)} und verlangt ein Wachs für ${write.temperature(parts.equivalentC)}.`,
    ].join(' '),
};
