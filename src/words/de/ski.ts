import type { WordsAt } from '../language';

export const ski: WordsAt<'ski'> = {
  CARE: {
    season_over: 'Die Saison ist vorbei. Transportwachs auftragen und nicht abziehen.',
    reserve_low: ({ reserve, dueBelow }, write) =>
      `Wachsvorrat ${write.percent(reserve)}. Unter ${write.percent(dueBelow)} trocknet der Belag aus.`,
    far_since_wax: ({ km, everyKm }, write) =>
      `${write.distance(Math.round(km))} seit dem letzten Wachsen. Etwa alle ${write.distance(everyKm)} wachsen.`,
    week_of_piste: 'Mehr als eine Woche Piste seit dem letzten Wachsen. Einmal pro Woche wachsen.',
    long_since_wax: ({ weeks }) => `${weeks} Wochen seit dem letzten Wachsen.`,
    looks_dry: 'Der Belag sieht stellenweise trocken aus. Jetzt wachsen.',
    far_since_grind: ({ km }, write) =>
      `${write.distance(Math.round(km))} seit dem letzten Steinschliff. Hitze und Abrieb ebnen die Struktur ein.`,
  },
  SHOP: {
    delaminated:
      'Der Ski löst sich auf. In eine Werkstatt mit Presse bringen. Kein heißes Eisen in die Nähe.',
    not_flat: 'Der Belag ist nicht plan. Erst schleifen lassen, dann an Kanten und Belag arbeiten.',
    burnt_all_over:
      'Der Belag ist an vielen Stellen verbrannt und nimmt kein Wachs an. Schleifen lassen.',
    many_gouges: 'Viele Kerben. Belag schweißen und schleifen hält besser als Tropfkerze.',
    no_steel_edge:
      'Diese Skiart hat keine Stahlkante. Prüfen, was als Grat oder Rost markiert wurde.',
  },
  MARK: {
    delamination: {
      meaning: 'Die Schichten lösen sich. Wasser dringt ein, und es wird mit jeder Fahrt mehr.',
      action: 'Ski trocknen und nicht in den Schnee. Kleben unter der Presse ist Werkstattarbeit.',
    },
    gouge: {
      meaning: 'Der Belag ist eingeschnitten. Eine Kerbe bremst, nahe der Kante hakt sie.',
      action: 'Reinigen, Tropfkerze einbringen, abkühlen lassen, plan abziehen.',
    },
    unflat: {
      meaning: 'Der Belag ist hohl oder gewölbt. Klinge und Struktur kommen nicht überall hin.',
      action: 'Ein Steinschliff macht ihn plan.',
    },
    burr: {
      meaning: 'Ein gehärteter Grat an der Kante. Die Feile rutscht darüber.',
      action: 'Erst grobe Diamantfeile, dann Feile.',
    },
    rust: {
      meaning: 'Rost an der Kante. Frischer Rost sitzt nur an der Oberfläche.',
      action: 'Kantengummi, dann feine Diamantfeile. Ski nach dem Fahren trocknen.',
    },
    burn: {
      meaning: 'Helle, trockene Streifen von der Kante her. Harter Schnee hat den Belag verbrannt.',
      action:
        'Erst weiches Wachs, dann Härter entlang der Kanten. Nimmt er nichts an: schleifen lassen.',
    },
    dirt: {
      meaning: 'Altes Wachs und Schmutz binden neuen Schmutz. Neues Wachs läge nur darauf.',
      action:
        'Heiß abziehen, bis die Späne sauber sind, oder flüssig reinigen und trocknen lassen.',
    },
    hairs: {
      meaning: 'Feine Haare stehen vom Belag ab. Sie bremsen in jedem Schnee.',
      action: 'Feine Stahlbürste und Schleifvlies, leichte Züge, von der Spitze zum Ende.',
    },
    dry: {
      meaning: 'Grau oder weiß: dort ist kein Wachs im Belag.',
      action: 'Weiches Pflegewachs mit wenig Hitze einbügeln, dann das Wachs des Tages.',
    },
  },
  EVENT: {
    hotWax: 'Heißwachs',
    liquid: 'Flüssig',
    topLayer: 'Finish',
    hotBox: 'Wärmeschrank',
    storageWax: 'Transportwachs',
    km: (km, snow) => `${km} km, ${snow}`,
    waxedInTheHotBox: (boxHours) => `Im Wärmeschrank gewachst, ${boxHours} h`,
    waxed: (how, coats) => `Gewachst, ${how}, ${coats}`,
    oneCoat: 'ein Auftrag',
    coats: (coats) => `${coats} Aufträge`,
  },
};
