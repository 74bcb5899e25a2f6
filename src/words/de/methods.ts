import type { WordsAt } from '../language';

export const methods: WordsAt<'methods'> = {
  METHOD_TITLE: {
    first_heat: 'Vor dem Eisen',
    passes: 'Züge mit dem Eisen',
    cooling: 'Abkühlen',
    scraping: 'Abziehen',
    brushes: 'Reihenfolge der Bürsten',
    drive: 'Bürsten mit',
    liquid: 'Flüssigwachs',
    powder_finish: 'Nach heißem Pulver',
    routine: 'Zwischen dem Heißwachsen',
    iron: 'Eisen',
  },
  SCHOOL: {
    rub_then_drip: {
      label: 'Anreiben, dann auftropfen',
      reason: 'Ein angeriebener Film schützt den Belag vor der ersten Hitze.',
    },
    drip_only: {
      label: 'Nur auftropfen',
      reason: 'Schneller, und genug, wenn die Tropfen dicht liegen.',
    },
    spread_then_long: {
      label: 'Verteilen, dann Spitze bis Ende',
      reason: 'Erst ein gleichmäßiger Film, dann gleichmäßige Wärme.',
    },
    long_only: {
      label: 'Nur Spitze bis Ende',
      reason: 'Das Eisen geht nie über heißes Wachs zurück.',
    },
    to_room: {
      label: 'Auf Raumtemperatur, 20–30 min',
      reason: 'Kalt genug, um sauber abzuziehen.',
    },
    overnight: {
      label: 'Über Nacht',
      reason: 'Das Wachs setzt sich weiter, und hartes lässt sich besser abziehen.',
    },
    bare: { label: 'Ganz abziehen', reason: 'Wachs, das oben bleibt, bremst nur.' },
    brush_more: {
      label: 'Weniger abziehen, mehr bürsten',
      reason: 'Schont die Struktur des Belags.',
    },
    steel_nylon_horsehair: { label: 'Stahl, Nylon, Rosshaar', reason: 'Von grob nach fein.' },
    nylon_steel_horsehair: {
      label: 'Nylon, feiner Stahl, Rosshaar',
      reason: 'Erst das meiste Wachs, dann der Grund der Struktur.',
    },
    brass_horsehair_nylon: {
      label: 'Messing, Rosshaar, weiches Nylon',
      reason: 'Schonend für einen feinen Schliff.',
    },
    horsehair_metal_nylon: {
      label: 'Rosshaar, feines Metall, hartes Nylon',
      reason: 'Poliert harte Wachse.',
    },
    hand: {
      label: 'Von Hand',
      reason: 'Man spürt den Belag, und es wird nicht heiß. Für Rennski.',
    },
    rotary: {
      label: 'Rotorbürste',
      reason: 'Schnell bei vielen Paaren. Wenig Druck, vom Gesicht weg, Schutzbrille.',
    },
    sponge_dry_cork: {
      label: 'Schwamm, milchig trocknen, Kork',
      reason: 'Gleichmäßig, und der Kork bindet den Film.',
    },
    brush_on_cork: {
      label: 'Auf 15–20 cm aufpinseln, gleich korken',
      reason: 'Eingearbeitet, bevor es anzieht. Gut im warmen Raum.',
    },
    sponge_dry_brush: {
      label: 'Schwamm, trocknen, bürsten',
      reason: 'Schnell bei vielen Paaren.',
    },
    brush_only: {
      label: 'Nur bürsten',
      reason: 'Der Film ist dünn. Eine Klinge kann ihn herausreißen.',
    },
    scrape_lightly: {
      label: 'Ganz leicht abziehen, dann bürsten',
      reason: 'Nimmt die Krümel schnell weg.',
    },
    hot_each_time: { label: 'Jedes Mal Heißwachs', reason: 'Der Belag bleibt satt.' },
    liquid_between: {
      label: 'Dazwischen flüssig',
      reason: 'Schnell und ohne Hitze. Ab und zu Heißwachs.',
    },
    ski_iron: {
      label: 'Nur Wachseisen',
      reason: 'Hält die Temperatur und hat keine Dampflöcher.',
    },
    household_tolerated: {
      label: 'Haushaltsbügeleisen erlaubt',
      reason: 'Seine Temperatur schwankt. Niedrig stellen und dabeibleiben.',
    },
  },
};
