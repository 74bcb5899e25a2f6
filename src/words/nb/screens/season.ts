import type { ChartSnow } from '../../../core/season';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

export const season: WordsAt<'screens/season'> = {
  season: {
    question: (name: string) => `Sesongen ${name}`,
    nothing: 'Ingenting ennå',
    nothingHint: 'Valg og jobber på benken legges sammen her.',
    answer: (days: number, pairs: number) =>
      `${days === 1 ? '1 dag' : `${plain(days)} dager`}, ${pairs === 1 ? '1 par' : `${plain(pairs)} par`}`,
    sum: (outings: number, grams: string, cost: string) =>
      `${outings === 1 ? '1 økt' : `${plain(outings)} økter`}. ${grams} g produkter${cost}.`,
    cost: (cost: string) => `, kostnad ${cost}`,
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
      'De siste 100 øktene: hva valgt voks tapte mot den beste på hylla, etter det vi vet i dag.',
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
      `Den beste voksen på hylla for ${km}, med alt som er lært her. I parentes: hvor ofte den ville vært best.`,
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
    whichOuting: 'Den økta finnes ikke. Oppgi en annen: &outing=ID.',
    emptyShelf: 'Hylla har ingen glider, så det blir ikke noe skjema.',
  },
};
