import type { WordsAt } from '../language';
import { plain } from '../quantities';

const within = (low: number | undefined, high: number | undefined): string =>
  low !== undefined && high !== undefined
    ? `må være et tall fra ${plain(low)} til ${plain(high)}`
    : low !== undefined
      ? `må være minst ${plain(low)}`
      : 'er utenfor området';

export const mistakes: WordsAt<'mistakes'> = {
  MISTAKE: {
    out_of_range: ({ low, high }) => `Denne verdien ${within(low, high)}.`,
    empty_shelf: ({ kind }) =>
      kind === 'grip'
        ? 'Det er ingen festevoks på hylla. Legg til en boks eller et klister.'
        : 'Det er ingen glider på hylla. Legg til minst én.',
    too_few: ({ least }) => `Mål spalten på minst ${least} steder.`,
    gap_grows: ({ positionCm }) =>
      `Ved ${plain(positionCm)} cm øker spalten med vekten. Mål den på nytt.`,
    twice: ({ positionCm }) => `Stedet ${plain(positionCm)} cm står der to ganger.`,
    weights_apart: ({ measuredKg, skierKg }) =>
      `Målt med ${plain(measuredKg)} kg for en løper på ${plain(skierKg)} kg. Det er for langt fra hverandre: mål på nytt.`,
    zone_too_long: ({ endCm, skiLengthCm }, write) =>
      `Sonen ville ende ${write.number(endCm)} cm foran hælplaten. Det er det ikke plass til på en ski på ${plain(skiLengthCm)} cm: sjekk stedene.`,
    no_pocket: 'Skien er for myk for denne løperen. På halv vekt er det ikke plass til festevoks.',
    ends_swapped: 'Fremre ende ligger bak bakre ende. Bytt dem.',
    label_swapped: 'Den varme enden av en etikett må ligge over den kalde.',
    melts_too_high: ({ meltingC, baseMostC }, write) =>
      `En voks som smelter ved ${write.temperature(meltingC, 0)}, trenger en varmere såle enn sålen tåler (${write.temperature(baseMostC, 0)}). Bruk kork eller rull.`,
    outside_weather: 'En måling ligger utenfor tiden som været dekker.',
    no_weather: 'Det er ikke noe vær ennå.',
    low_above_high: 'Den laveste ligger over den høyeste.',
    not_in_order: 'Tidene må stige.',
    too_short: ({ leastHours }) => `Oppgi vær for minst ${leastHours} timer.`,
    weather_gap: ({ from, to, mostHours }) =>
      `Været har et hull på mer enn ${mostHours} t, fra ${from} til ${to}. Fyll det ut.`,
    not_a_number: 'En verdi fra føleren er ikke et tall.',
    bad_time: 'Dette er ikke dato og klokkeslett.',
    contradiction: 'Negl og finger er ikke enige. La blokken bli romvarm, og prøv igjen.',
  },
  FAULT: {
    storage_full:
      'Disken er full: ingenting ble lagret. Frigjør plass, og lagre på nytt. Det du skrev, er beholdt.',
    storage_read_only:
      'Dataene kan ikke skrives: ingenting ble lagret. Gi brukeren som kjører Frost Pick, rett til å skrive alle filer i datamappen, og start på nytt.',
    storage_damaged:
      'Databasefilen er skadet: ingenting ble lagret. Stopp Frost Pick, og bytt filen ut med en god kopi. Det som ennå kan leses, vises.',
    storage_busy:
      'Et annet program bruker databasen: ingenting ble lagret. Lukk det programmet, og lagre på nytt.',
    storage_failed:
      'Disken ga en feil: ingenting ble lagret. Sjekk disken og datamappen, og lagre på nytt.',
    log_missing:
      'Filen frost-pick.db-wal mangler, så de nyeste oppføringene kan være borte. Du kan se, men ingenting lagres ennå. På vertsmaskinen: fortsett uten den, eller hent en kopi.',
    log_damaged:
      'Filen frost-pick.db-wal er skadet, så de nyeste oppføringene kan ikke leses. Du kan se, men ingenting lagres ennå. På vertsmaskinen: fortsett uten den, eller hent en kopi.',
    log_foreign:
      'Filen frost-pick.db-wal hører til en annen database og er lagt til side. Du kan se, men ingenting lagres ennå. På vertsmaskinen: fortsett uten den, eller hent en kopi.',
  },
  NO_ANSWER: {
    failed: 'Det lot seg ikke beregne.',
    broke: 'Beregningen stoppet. Last siden på nytt.',
    too_slow: 'Beregningen tok for lang tid og ble stoppet.',
  },
};
