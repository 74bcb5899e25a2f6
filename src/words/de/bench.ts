import { say } from '../say';
import type { WordsAt } from '../language';
import { plain } from '../quantities';
import { iron } from './iron';
import { ski } from './ski';

const ON_SHELF = {
  cleaner: 'Reiniger',
  soft_wax: 'weiches Wachs',
  hardener: 'Härter',
  wax_of_the_day: 'Wachs des Tages',
  storage_wax: 'weiches Wachs zum Einlagern',
  top_layer: 'Finish',
  grip_wax: 'Steigwachs',
  skin_care: 'Fellpflege',
} as const;

export const bench: WordsAt<'bench'> = {
  FIRST_OF_ALL:
    'Etiketten, örtliche Regeln und Fachkunde gehen vor. Bindungen sind Arbeit für zugelassene Fachleute.',
  STEP_CAUTION: {
    iron: 'Heißes Eisen und flüssiges Wachs. Es darf nie rauchen. Lüften. Heißer als das Etikett geht nicht schneller.',
    flammable: 'Entzündlich. Kein Eisen, keine Flamme, nicht rauchen. Deckel zu. Lüften.',
    secure: 'Kabel vom nassen Boden fernhalten. Bretter und Böcke aus den Beinen heben.',
    scraper:
      'Scharfe Kanten und Klinge: schnittfeste Handschuhe. Späne nach örtlicher Regel in den Abfall, nicht in den Schnee.',
    file: 'Späne und scharfe Kanten: schnittfeste Handschuhe und Schutzbrille. Die Bremsen hochhalten.',
    rotary: 'Rotorbürste: Schutzbrille, Haare und Ärmel zusammen, vom Gesicht weg drehen.',
    dust: 'Wachsstaub: lüften oder absaugen und aufkehren.',
    klister: 'Klister brennt und klebt. Sanft wärmen. Nie mit offener Flamme an den Belag.',
    binding: 'Die Auslösewerte nicht anfassen. Nur zugelassene Fachleute.',
    legacy:
      'Altes Fluorwachs: geeigneter Atemschutz, Absaugung, keine Flamme, nicht rauchen, Haut bedeckt. Abfall nach örtlicher Regel. Nicht für offizielle Rennen.',
    high_melt:
      'So ein heißes Etikett schmilzt den Belag und macht Dämpfe: Atemschutz, Absaugung, schnelle Züge. Beim ersten Rauch das Eisen weg.',
    box: 'Den Schrank mit dem Thermometer prüfen. Zu heiß leiden Belag und Verleimung. Bindungen und Felle müssen es vertragen.',
    burning_filler: 'Brennende Tropfkerze tropft. Eine Metallplatte darunter, Lösungsmittel weg.',
    solvent_drying: 'Keine Hitze und keine Flamme, bis das Lösungsmittel weg ist.',
  },
  SETTING_REASON: {
    lab_below_label: ({ belowK }, write) =>
      `Aus dem Eisenlabor für diesen Ski und Raum: ${write.difference(belowK, 0)} unter dem Etikett, damit die Spur kurz bleibt.`,
    lab_as_label: 'Aus dem Eisenlabor für diesen Ski und Raum: wie das Etikett sagt.',
    by_label: 'Vom Etikett.',
    by_label_lab_found_none: ({ lab }, write) =>
      `Vom Etikett. Das Eisenlabor fand keine bessere Einstellung. ${say(iron.IRON_REASON, lab, write)}`,
  },
  SHEET_NOTE: {
    ...ski.SHOP,
    not_on_shelf: ({ what }) => `Weggelassen: ${ON_SHELF[what]} fehlt im Regal.`,
    not_under_iron: ({ product }) => `${product} darf nicht unters Eisen. Kalt verwenden.`,
    not_for_roller: ({ product }) =>
      `Finish weggelassen: ${product} ist nicht für die Rolle. Mit dem Schwamm auftragen.`,
    not_for_sponge: ({ product }) =>
      `Finish weggelassen: ${product} ist nicht flüssig. Mit der Rolle auftragen.`,
    iron_cannot_hold: ({ product, ironC }, write) =>
      `${product} weggelassen: das Etikett verlangt ${write.temperature(ironC, 0)}, und dieses Eisen hält das nicht. Ein schweres, digitales Eisen nehmen.`,
    too_hard_for_box: ({ product }) =>
      `Wärmeschrank weggelassen: ${product} bleibt darin hart. Einbügeln oder ein weicheres Wachs nehmen.`,
    not_a_liquid: ({ product }) =>
      `${product} ist nicht flüssig. So einbügeln, wie es ist, ohne Arbeitsblatt.`,
    no_box_for_skin: 'Wärmeschrank weggelassen: Stunden in der Wärme lösen ein Fell.',
    under_left_out: ({ product }) =>
      `Weggelassen: ${product} unter dem Flüssigen. „Heißwachs“ dazu ankreuzen, um es erst einzubügeln.`,
    grinder_first: 'Der Belag ist nicht plan: der Schliff kommt vor aller anderen Arbeit.',
    no_heat_on_delamination: 'Der Ski löst sich auf: keine Hitze. Erst in die Werkstatt bringen.',
    no_grip_zone: 'Steigwachs ist nur für klassische Wachsski.',
    no_pattern: 'Dieser Ski hat keine Schuppen.',
    no_skin: 'Dieser Ski hat kein Fell.',
    no_board: 'Das ist ein Ski, kein Snowboard.',
    klister_takes_zone: 'Steigwachs weggelassen: Klister nimmt die Zone.',
    storage_takes_all: 'Wachs des Tages weggelassen: für den Sommer kommt Transportwachs darauf.',
    ironed_liquid_is_enough: 'Kaltes Flüssigwachs weggelassen: das eingebügelte genügt.',
    one_wax_of_the_day: 'Pulver weggelassen: ein Wachs des Tages genügt.',
    wax_is_ironed_already: 'Flüssigwachs weggelassen: das Wachs des Tages ist schon eingebügelt.',
    no_ventilation: 'Keine Lüftung. Zum Bügeln Tür und Fenster öffnen oder ohne Hitze arbeiten.',
    grind_too_coarse: ({ grindMm, widthMm }) =>
      `Der Schliff von ${plain(grindMm, 2)} mm ist gröber als die ${plain(widthMm, 2)} mm, die der Schnee verlangt. Ein anderer Ski wäre schneller.`,
  },
  PROGRAMME: {
    edges: 'Kanten',
    clean_liquid: 'Flüssig reinigen',
    clean_hot_scrape: 'Heiß reinigen',
    new_base: 'Neu oder frisch geschliffen',
    hot_wax: 'Heißwachs',
    powder: 'Pulver',
    liquid: 'Kalt: flüssig, Paste oder angerieben',
    liquid_ironed: 'Flüssig, eingebügelt',
    hardening: 'Kanten härten',
    structure: 'Struktur pressen',
    top_roller: 'Finish mit der Rolle',
    top_sponge: 'Finish mit dem Schwamm',
    grip: 'Steigwachs',
    klister: 'Klister',
    pattern: 'Schuppenski',
    skin: 'Fell',
    storage: 'Transportwachs',
    snowboard: 'Snowboard',
    hot_box: 'Wärmeschrank',
  },
  PROGRAMME_REASON: {
    powder_wax: ({ product }) => `${product} ist ein Pulver.`,
    long_way_for_liquid: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)}: eingebügelt hält ein Flüssigwachs länger.`,
    cold_liquid: ({ product }) => `${product} wird kalt aufgetragen.`,
    iron_wax: ({ product }) => `${product} wird eingebügelt.`,
    under_first: ({ product }) => `${product} kommt unter das Flüssige, mit dem Eisen.`,
    rubbed_without_iron: ({ product }) =>
      `Kein Eisen oder keine Frischluft: ${product} wird angerieben und gekorkt.`,
    dirt_under_storage: 'Schmutz unter Transportwachs bleibt dort.',
    season_over: 'Die Saison ist vorbei.',
    edges_found: 'Die Belagkontrolle fand Grate. Kanten kommen vor dem Wachs.',
    board: 'Ein Snowboard hat Schrauben und einen breiten Belag.',
    fresh_grind: 'Frisch geschliffen.',
    dirt_found: 'Der Belag ist schmutzig. Mit warmem, weichem Wachs herausholen.',
    dirt_found_no_iron: 'Der Belag ist schmutzig, und es gibt kein Eisen.',
    hardener_in_choice: 'Die Wahl verlangt Härter entlang der Kanten.',
    structure_in_choice: 'Der Schnee verlangt eine gepresste Struktur.',
    race_top_roller: 'Rennen: eine dünne Schicht Finish mit der Rolle.',
    race_top_sponge: 'Rennen: eine dünne Schicht Finish mit dem Schwamm.',
    classic_stick: 'Klassischer Ski: Steigwachs in die Zone, zuletzt.',
    classic_klister: 'Klassisch auf nassem oder eisigem Schnee: Klister in die Zone, zuletzt.',
    pattern_ices: 'Trockene Schuppen vereisen.',
    skin_care: 'Ein Fell braucht eigene Pflege.',
  },
};
