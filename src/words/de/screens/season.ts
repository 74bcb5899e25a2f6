import type { ChartSnow } from '../../../core/season';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const season: WordsAt<'screens/season'> = {
  season: {
    question: (name: string) => `Saison ${name}`,
    nothing: 'Noch nichts',
    nothingHint: 'Hier summieren sich Wahlen und Arbeiten am Wachstisch.',
    answer: (days: number, pairs: number) =>
      `${days === 1 ? '1 Tag' : `${plain(days)} Tage`}, ${pairs === 1 ? '1 Paar' : `${plain(pairs)} Paare`}`,
    sum: (outings: number, grams: string, cost: string) =>
      `${outings === 1 ? '1 Einsatz' : `${plain(outings)} Einsätze`}. ${grams} g Produkte${cost}.`,
    cost: (cost: string) => `, Kosten ${cost}`,
    print: 'Drucken',
    csv: 'CSV',
    products: 'Verbrauchte Produkte',
    productsTable: 'Verbrauchte Produkte der Saison',
    product: 'Produkt',
    grams: 'Gramm',
    money: 'Kosten',
    skis: 'Paare',
    skisTable: 'Paare der Saison',
    ski: 'Paar',
    jobs: 'Arbeiten',
    coats: 'Aufträge',
    km: 'Distanz',
    choices: 'Wie gut die Wahlen waren',
    choicesTable: 'Wahlen der Saison, nach heutigem Wissen',
    choicesHint:
      'Die letzten 100 Einsätze: was das gewählte Wachs gegen das beste im Regal verlor, nach heutigem Wissen.',
    outing: 'Einsatz',
    taken: 'Genommen',
    best: 'Bestes, nach heutigem Wissen',
    lost: 'Verloren',
    lostAxis: 'Verloren, s',
    lostChart: 'Sekunden, die jede Wahl gegen die heute beste verlor, nach Einsatz',
    gramsChart: 'Verbrauchte Gramm je Produkt',
    bar: (outing: string, day: string) => `${outing}<br>${day}`,
    inGrams: (grams: string) => `${grams} g`,
    moreBars: (count: number) => `und ${plain(count)} weitere in der Tabelle`,
    same: 'dasselbe',
    notKnown: 'nicht bekannt',
    chart: (venue: string) => `Tabelle des nächsten Jahres für ${venue}`,
    chartHint: (km: string) =>
      `Das beste Wachs im Regal für ${km}, mit allem hier Gelernten. In Klammern: wie oft es am besten wäre.`,
    dryTable: 'Trockener Schnee: was nach seiner Temperatur zu nehmen ist',
    wetTable: 'Nasser Schnee: was nach seiner Nässe zu nehmen ist',
    snow: 'Schnee',
    SNOW: {
      new_dry: 'Neu, trockene Luft',
      new_moist: 'Neu, feuchte Luft',
      old: 'Alt',
      machine_made: 'Kunstschnee',
    } satisfies Record<ChartSnow, string>,
    wetness: 'Nässe',
    take: 'Nehmen',
    cell: (name: string, times: string) => `${name} (${times})`,
    whichOuting: 'Diesen Einsatz gibt es nicht. Einen anderen nennen: &outing=ID.',
    emptyShelf: 'Im Regal ist kein Gleitwachs, also gibt es keine Tabelle.',
  },
};
