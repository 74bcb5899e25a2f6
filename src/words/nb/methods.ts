import type { WordsAt } from '../language';

export const methods: WordsAt<'methods'> = {
  METHOD_TITLE: {
    first_heat: 'Før jernet',
    passes: 'Drag med jernet',
    cooling: 'Kjøling',
    scraping: 'Sikling',
    brushes: 'Rekkefølge på børster',
    drive: 'Børsting med',
    liquid: 'Flytende',
    powder_finish: 'Etter varmt pulver',
    routine: 'Mellom varmsmøringer',
    iron: 'Jern',
  },
  SCHOOL: {
    rub_then_drip: {
      label: 'Gni på, så drypp',
      reason: 'En påsmurt film verner sålen mot den første varmen.',
    },
    drip_only: { label: 'Bare drypp', reason: 'Fortere, og nok når dråpene ligger tett.' },
    spread_then_long: {
      label: 'Fordel, så tupp til bakende',
      reason: 'Først en jevn film, så jevn varme.',
    },
    long_only: {
      label: 'Bare tupp til bakende',
      reason: 'Jernet går aldri tilbake over varm voks.',
    },
    to_room: { label: 'Til romtemperatur, 20–30 min', reason: 'Kald nok til å sikles ren.' },
    overnight: {
      label: 'Over natten',
      reason: 'Voksen fortsetter å sette seg, og hard voks sikles bedre.',
    },
    bare: { label: 'Sikle helt rent', reason: 'Voks som ligger igjen oppå, bremser bare.' },
    brush_more: { label: 'Sikle mindre, børste mer', reason: 'Skåner strukturen i sålen.' },
    steel_nylon_horsehair: { label: 'Stål, nylon, hestehår', reason: 'Fra grov til fin.' },
    nylon_steel_horsehair: {
      label: 'Nylon, fint stål, hestehår',
      reason: 'Først det meste av voksen, så dypet av strukturen.',
    },
    brass_horsehair_nylon: {
      label: 'Messing, hestehår, myk nylon',
      reason: 'Skånsomt mot et fint slip.',
    },
    horsehair_metal_nylon: {
      label: 'Hestehår, fint metall, stiv nylon',
      reason: 'Polerer hard voks.',
    },
    hand: { label: 'Hånd', reason: 'Du kjenner sålen, og det blir ingen varme. For rennski.' },
    rotary: {
      label: 'Rotor',
      reason: 'Fort når det er mange par. Lett trykk, bort fra ansiktet, vernebriller.',
    },
    sponge_dry_cork: {
      label: 'Svamp, tørk til den er melkehvit, kork',
      reason: 'Jevnt, og korken binder filmen.',
    },
    brush_on_cork: {
      label: 'Pensle på 15–20 cm, kork straks',
      reason: 'Arbeides inn før den stivner. Bra i et varmt rom.',
    },
    sponge_dry_brush: { label: 'Svamp, tørk, børst', reason: 'Fort når det er mange par.' },
    brush_only: { label: 'Bare børste', reason: 'Filmen er tynn. En sikling kan rive den ut.' },
    scrape_lightly: { label: 'Sikle svært lett, så børste', reason: 'Tar smulene fort.' },
    hot_each_time: { label: 'Varmsmøring hver gang', reason: 'Sålen holder seg mettet.' },
    liquid_between: {
      label: 'Flytende innimellom',
      reason: 'Fort og uten varme. Varmsmøring av og til.',
    },
    ski_iron: { label: 'Bare smørejern', reason: 'Holder temperaturen og har ingen hull.' },
    household_tolerated: {
      label: 'Strykejern tillatt',
      reason: 'Temperaturen svinger. Still det lavt, og følg med.',
    },
  },
};
