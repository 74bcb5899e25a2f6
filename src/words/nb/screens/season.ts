import type { ChartSnow } from '../../../core/season';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const season: WordsAt<'screens/season'> = {
  season: {
    question: (name: string) => `Hvordan var sesongen ${name}?`,
    nothing: 'Ingenting ennå',
    nothingHint: 'En sesong består av valg og av jobber på benken. Her legges de sammen.',
    answer: (days: number, pairs: number) =>
      `${days === 1 ? '1 dag' : `${plain(days)} dager`}, ${pairs === 1 ? '1 par' : `${plain(pairs)} par`}`,
    sum: (outings: number, grams: string, cost: string) =>
      `${outings === 1 ? '1 økt' : `${plain(outings)} økter`}. ${grams} g produkter${cost}.`,
    cost: (cost: string) => `, ${cost} i egen valuta`,
    print: 'Skriv ut',
    csv: 'CSV',
    products: 'Produkter brukt',
    productsTable: 'Produkter brukt i sesongen',
    product: 'Produkt',
    grams: 'Gram',
    money: 'Kostnad',
    skis: 'Par',
    skisTable: 'Par i sesongen',
    ski: 'Par',
    jobs: 'Jobber',
    coats: 'Strøk',
    km: 'Distanse',
    choices: 'Hvor gode valgene var',
    choicesTable: 'Valgene i sesongen, slik vi vet det nå',
    choicesHint:
      'Av de siste 100 øktene: hva voksen som ble tatt, tapte mot den beste på hylla, etter det tester og resultater har lært siden.',
    outing: 'Økt',
    taken: 'Tatt',
    best: 'Best, vi vet nå',
    lost: 'Tapt',
    lostAxis: 'Tapt, s',
    lostChart: 'Sekunder hvert valg tapte mot det beste vi vet i dag, etter økt',
    gramsChart: 'Gram brukt av hvert produkt',
    bar: (outing: string, day: string) => `${outing}<br>${day}`,
    inGrams: (grams: string) => `${grams} g`,
    moreBars: (count: number) => `og ${plain(count)} til i tabellen`,
    same: 'den samme',
    notKnown: 'ikke kjent',
    chart: (venue: string) => `Neste års skjema for ${venue}`,
    chartHint: (km: string) =>
      `Det beste på hylla for ${km}, etter regnskapet slik det er lært her. I parentes hvor ofte det ville vært best.`,
    dryTable: 'Tørr snø: hva du tar etter temperaturen',
    wetTable: 'Våt snø: hva du tar etter fuktigheten',
    snow: 'Snø',
    SNOW: {
      new_dry: 'Ny, tørr luft',
      new_moist: 'Ny, fuktig luft',
      old: 'Gammel',
      machine_made: 'Kunstsnø',
    } satisfies Record<ChartSnow, string>,
    wetness: 'Fuktighet i snøen',
    take: 'Ta',
    cell: (name: string, times: string) => `${name} (${times})`,
    whichOuting: 'Si hvilken økt: &outing=ID. Den finnes ikke.',
    emptyShelf: 'Hylla har ingen glider: det er ikke noe å lage skjema av.',
  },
};
