import type { WordsAt } from '../language';

export const ski: WordsAt<'ski'> = {
  CARE: {
    season_over: 'Sesongen er over. Legg på lagringsvoks, og la den sitte usiklet.',
    reserve_low: ({ reserve, dueBelow }, write) =>
      `Voksreserve ${write.percent(reserve)}. Under ${write.percent(dueBelow)} tørker sålen ut.`,
    far_since_wax: ({ km, everyKm }, write) =>
      `${write.distance(Math.round(km))} siden siste smøring. Smør omtrent hver ${write.distance(everyKm)}.`,
    week_of_piste: 'Mer enn en uke på ski siden siste smøring. Smør en gang i uken.',
    long_since_wax: ({ weeks }) => `${weeks} uker siden siste smøring.`,
    looks_dry: 'Sålen ser tørr ut noen steder. Smør den nå.',
    far_since_grind: ({ km }, write) =>
      `${write.distance(Math.round(km))} siden siste steinslip. Varme og slitasje flater ut strukturen.`,
  },
  SHOP: {
    delaminated:
      'Skien er delaminert. Lever den på et verksted med presse. Ikke noe varmt jern i nærheten.',
    not_flat: 'Sålen er ikke plan. Få den slipt før du arbeider med kanter eller såle.',
    burnt_all_over: 'Sålen er brent mange steder og tar ikke voks. Få den slipt.',
    many_gouges: 'Det er mange hakk. Sveising og slip holder bedre enn fyllmasse.',
    no_steel_edge:
      'Denne skitypen har ikke stålkant. Se over det som ble merket som grad eller rust.',
  },
  MARK: {
    delamination: {
      meaning: 'Lagene slipper. Vann trenger inn, og det vokser for hver tur.',
      action: 'Tørk skien og hold den unna snø. Liming i presse er verkstedarbeid.',
    },
    gouge: {
      meaning: 'Sålen er skåret opp. Et hakk bremser skien, og nær kanten hugger det.',
      action: 'Rens, drypp i fyllmasse, la den kjølne og sikle den plan.',
    },
    unflat: {
      meaning: 'Sålen er hul eller bulet. Sikling og struktur når ikke overalt.',
      action: 'Et steinslip gjør den plan.',
    },
    burr: {
      meaning: 'En herdet grad på kanten. Filen glir over den.',
      action: 'Grov diamant først, så fil.',
    },
    rust: {
      meaning: 'Rust på kanten. Fersk rust sitter bare i overflaten.',
      action: 'Gummistein, så fin diamant. Tørk skiene etter bruk.',
    },
    burn: {
      meaning: 'Bleke, tørre striper fra kanten og innover. Hard snø har brent sålen.',
      action: 'Myk voks først, så herder langs kantene. Tar den ikke voks, må den slipes.',
    },
    dirt: {
      meaning: 'Gammel voks og skitt holder på mer skitt. Ny voks blir liggende oppå.',
      action: 'Varmesikle til sponet er rent, eller bruk flytende rens og la den tørke.',
    },
    hairs: {
      meaning: 'Fine hår står opp fra sålen. De bremser på all slags snø.',
      action: 'Fin stålbørste og fiberpute, lette strøk, fra tupp til bakende.',
    },
    dry: {
      meaning: 'Grå eller hvit: der er det ingen voks i sålen.',
      action: 'Smelt inn en myk mettevoks på lav varme, så dagens voks.',
    },
  },
  EVENT: {
    hotWax: 'Varmsmøring',
    liquid: 'Flytende',
    topLayer: 'Topping',
    hotBox: 'Varmeskap',
    storageWax: 'Lagringsvoks',
    km: (km, snow) => `${km} km, ${snow}`,
    waxedInTheHotBox: (boxHours) => `Smurt i varmeskap, ${boxHours} t`,
    waxed: (how, coats) => `Smurt, ${how}, ${coats}`,
    oneCoat: 'ett strøk',
    coats: (coats) => `${coats} strøk`,
  },
};
