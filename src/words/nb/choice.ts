import type { StructureTask } from '../../core/choice';
import type { BaseState, Form, Origin, Wetness } from '../../core/terms';
import type { AdditiveNeed, StructureKind } from '../../core/wax';
import type { AnswerParts } from '../en/choice';
import type { WordsAt } from '../language';
import { fixed, plain } from '../quantities';

export const countedResults = (tests: number, outcomes: number): string =>
  [
    tests === 0 ? '' : tests === 1 ? '1 test' : `${tests} tester`,
    outcomes === 0 ? '' : outcomes === 1 ? '1 resultat' : `${outcomes} resultater`,
  ]
    .filter(Boolean)
    .join(' og ');

export const resultsInWords = (tests: number, outcomes: number): string =>
  tests + outcomes === 0
    ? 'resultater fra andre steder'
    : `${countedResults(tests, outcomes)} herfra`;

const WETNESS: Record<Wetness, string> = {
  dry: 'Ikke noe fritt vann.',
  moist: 'Snøen krammer: det er litt fritt vann.',
  wet: 'Vannet synes mellom kornene.',
  very_wet: 'Vannet kan klemmes ut for hånd.',
  soaked: 'Slaps, full av vann.',
};
const ORIGIN: Record<Origin, string> = {
  natural: 'Natursnø.',
  mixed: 'Delvis kunstsnø: litt hardere.',
  machine_made: 'Tett og slitende: hardere.',
};

const NEED: Record<AdditiveNeed, string> = {
  water_repellent: 'noe vannavvisende',
  dry_lubricant: 'tørrsmøring',
};

const CONDITIONING: Record<BaseState, string> = {
  in_use: 'Ikke renn og ikke slitende snø: et mykt strøk holder sålen mettet.',
  dry: 'Sålen er tørr. Smelt først inn en myk voks, og sikle den varm.',
  new: 'Et nytt slip tar mye voks. Myk voks først, siklet varm, så de hardere strøkene.',
  burnt: 'Sålen er brent langs kantene. En myk voks først viser hva den ennå tar.',
};

const TOP_FORM: Partial<Record<Form, string>> = {
  liquid: ': flytende',
  paste: ': en pasta',
  roller_block: ': en blokk for rull',
  block: ': gnidd på og korket',
  powder: ': et pulver, korket',
};
const topForm = (form: Form) => TOP_FORM[form] ?? '';

const BRUSH_NAME = { steel: 'stålbørsten', brass: 'messingbørsten' } as const;
const opened = ({ brush }: StructureTask) =>
  `Åpne strukturen med ${BRUSH_NAME[brush]}, fra tupp til bakende.`;

const FORM_AS: Record<Form, string> = {
  block: 'som blokk',
  powder: 'som pulver',
  liquid: 'flytende',
  paste: 'som pasta',
  roller_block: 'med rull',
  tube: 'fra tube',
  stick: 'fra boks',
};
const COATS = ['', 'ett strøk', 'to strøk', 'tre strøk'];
const STRUCTURE_AS: Record<StructureKind, string> = {
  fine: 'fin struktur',
  medium: 'middels struktur',
  medium_coarse: 'middels grov struktur',
  coarse: 'grov struktur',
  pressed_rills: 'pressede riller',
};

function odds(probability: number): string {
  if (probability > 0.95) return 'så godt som sikkert';
  if (probability < 0.05) return 'sjeldnere enn 1 av 10 ganger';
  const times = Math.max(1, Math.round(probability * 10));
  return times === 1 ? '1 av 10 ganger' : `${times} av 10 ganger`;
}

const standing = (probability: number, losesLeast: boolean): string =>
  losesLeast && probability < 0.5
    ? `Taper minst i snitt. Best på hylla ${odds(probability)}.`
    : `Best på hylla ${odds(probability)}.`;

const howParts = ({ form, coats, layers, structure }: AnswerParts): string[] =>
  [
    FORM_AS[form],
    COATS[Math.min(3, coats)],
    layers.under && `over ${layers.under}`,
    layers.top && `${layers.top} øverst`,
    layers.edges && `${layers.edges} langs kantene`,
    `${STRUCTURE_AS[structure.kind]} på ${plain(structure.widthMm, 2)} mm`,
  ].filter((part): part is string => part !== undefined && part !== '');

export const choice: WordsAt<'choice'> = {
  LEDGER_LABEL: {
    temperature: 'Snøtemperatur',
    snow_temperature: 'Snøtemperatur',
    abrasion: 'Slitasje',
    dry_cap: 'Grense for tørr snø',
    own: 'Egen korreksjon',
    sharpness: 'Hvor skarpe kornene er',
    new_snow: 'Skarpe, nye krystaller',
    humidity: 'Luftfuktighet',
    machine_made: 'Kunstsnø',
    wetness: 'Fuktighet i snøen',
    glazed: 'Blank eller iset spor',
    distance: 'Distanse',
  },
  countedResults,
  resultsInWords,
  LEDGER_REASON: {
    measured_at_base: 'Målt der skien treffer. Etikettene gjelder snøtemperatur.',
    grain_sharp: 'Skarpe krystaller graver seg inn i sålen: hardere.',
    grain_rounded: 'Avrundede korn graver seg ikke inn: mykere.',
    grain_settled: 'Sammensunket snø: ingen endring.',
    grain_not_given: 'Korn ikke oppgitt. Regnet som sammensunket snø: ingen endring.',
    humidity_moist: 'Fuktig luft runder av krystallene: mykere.',
    humidity_dry: 'Tørr luft holder krystallene skarpe: hardere.',
    humidity_middling: 'Middels luftfuktighet: ingen endring.',
    humidity_idle: 'Teller bare på tørr snø. Denne snøen er allerede våt.',
    origin: ({ origin }) => ORIGIN[origin],
    hard_track: ({ origin }) =>
      origin === 'natural'
        ? 'Et iset spor eller skare sliter av voksen: hardere.'
        : 'Et iset spor av kunstsnø sliter av voksen: hardere.',
    abrasion_idle: 'Så mye vann har gjort denne snøen glatt.',
    wet_snow_at_zero: (_, write) =>
      `Snø med fritt vann holder ${write.temperature(0, 0)}, uansett hva føleren sier.`,
    dry_cap: 'Ingen tørr snø ber om en voks over 0.',
    dry_cap_idle: 'Summen er innenfor det tørr snø ber om.',
    wetness: ({ wetness }) => WETNESS[wetness],
    distance_long: 'Voksen må vare: hardere.',
    distance_short: 'Så kort at det ikke gjør noen forskjell.',
    own: ({ venueC, handC }, write) =>
      venueC === 0
        ? 'Satt av deg for dette valget.'
        : handC === 0
          ? 'Satt for stedet.'
          : `${write.difference(venueC)} for stedet og ${write.difference(handC)} for hånd.`,
    own_learned: ({ venueC, handC, learnedC, tests, outcomes }, write) =>
      [
        `${write.change(learnedC)} lært, fra ${resultsInWords(tests, outcomes)}.`,
        venueC === 0 ? '' : `${write.difference(venueC)} satt for stedet.`,
        handC === 0 ? '' : `${write.difference(handC)} for hånd.`,
      ]
        .filter(Boolean)
        .join(' '),
    own_none: 'Ingen satt.',
    not_glazed: 'Ikke blank.',
    grip_label_new: 'Bruker etiketten for nysnø.',
    grip_label_old: 'Bruker etiketten for gammel snø.',
    grip_new_crystals: 'De graver seg dypt inn: hardere.',
    grip_not_new: 'Ikke nysnø. Etiketten for gammel snø dekker det.',
    grip_humidity: 'Fuktig luft runder av krystallene: mykere.',
    grip_humidity_idle: 'Teller bare på tørr snø.',
    grip_machine_made: 'Skarp, og sliter av voksen: hardere.',
    grip_natural_or_wet: 'Natursnø, eller våt snø.',
    grip_dry: 'Ikke noe fritt vann.',
    grip_wet: 'Vann får kornene til å gli: mykere.',
    grip_glazed: 'Is sliter av myk voks: hardere, over grunnvoks.',
  },
  RANKING_REASON: {
    fluorocarbon_excluded: 'Ikke tillatt: den inneholder fluor, og det er forbudt her.',
    at_the_middle: ({ centreC }, write) =>
      `Riktig i dag: midten av etiketten er ${write.temperature(centreC)}.`,
    too_soft: ({ byK, centreC }, write) =>
      `${write.difference(byK)} for myk: midten av etiketten er ${write.temperature(centreC)}.`,
    too_hard: ({ byK, centreC }, write) =>
      `${write.difference(byK)} for hard: midten av etiketten er ${write.temperature(centreC)}.`,
    lacks: ({ need }) => `Mangler ${NEED[need]}.`,
    needless: ({ need }) => `Har ${NEED[need]}, som ikke trengs i dag.`,
    wide_label: ({ spanK, costPercent }, write) =>
      `Den brede etiketten (${write.difference(spanK)}) koster ${write.loss(costPercent)}.`,
    keeps_costlier: ({ costlier, extraPercent, savedAPair }, write) =>
      `${costlier} ville tape ${write.loss(extraPercent)} mindre, men spares til renn. Denne sparer ${fixed(savedAPair, 2)} per par.`,
  },
  ADDITIVE_REASON: {
    free_water: 'Snøen holder fritt vann, og sålen må støte det fra seg.',
    humid_air: ({ humidityOverIce }, write) =>
      `Luft med ${write.percent(humidityOverIce)} fuktighet over is legger fukt på snøen.`,
    dirty_snow: 'Skitt fester seg i ren voks.',
    machine_made_dirt: 'Kunstsnø sliter og er sjelden ren.',
    static_charge: 'Kaldt og tørt: det bygger seg opp statisk ladning.',
  },
  STRUCTURE_REASON: {
    structure_free_water: 'Fritt vann trenger pressede riller: to bestemte drag, bare i glisonene.',
    structure_wet: 'En glatt såle suger seg fast i våt snø.',
    structure_moist_fine: 'Fuktig snø med fine korn.',
    structure_moist_round: 'Fuktig snø med runde korn.',
    structure_cold: 'Kald, fin snø: lite eller ingen struktur.',
    structure_dry: 'Tørr snø: en grunn, middels struktur.',
  },
  CAUTION: {
    wet_snow_below_zero: ({ temperatureC }, write) =>
      `Våt snø holder ${write.temperature(0, 0)}, men føleren sier ${write.temperature(temperatureC)}. Fuktigheten gjelder. Sjekk føleren, eller kram snøen en gang til.`,
    made_and_natural: 'Korn av kunstsnø på natursnø. Opphavet gjelder: natursnø. Rett en av de to.',
    crust_and_wet: 'Skare er frossen, men snøen er våt. Vannet gjelder. Rett en av de to.',
    glazed_and_soaked:
      'Et blankt spor er frosset, men snøen er søkkvåt. Vannet gjelder, og det regnes ikke med is.',
    abrades_any_wax: ({ belowC }, write) =>
      `Under ${write.temperature(belowC, 0)} sliter krystallene av all voks. Bruk hard voks i flere lag.`,
    all_excluded: 'Ingen produkter kan brukes: regelen for denne økta utelukker alle.',
    nothing_fits: ({ equivalentC, nearest, lossPercent }, write) =>
      `Ingenting på hylla passer. Du trenger en etikett rundt ${write.temperature(equivalentC, 0)}. Nærmest er ${nearest}, som taper ${write.loss(lossPercent, 1)}.`,
    legacy_fluorocarbons:
      'Gammel fluorvoks er ikke lovlig i godkjente renn. Bruk avsug og egnet åndedrettsvern, ingen flamme, ingen røyking. Dekk til huden. Følg etiketter og lokale regler, også for avfallet.',
  },
  BASIS_REASON: {
    measured_at_start: 'Målt til starttiden, så den teller mer enn modellen.',
    modelled_for_start: 'Beregnet for starten og rettet etter målingene dine.',
    last_reading: 'Fra siste måling. Det finnes ikke vær for starten.',
  },
  LAYER_REASON: {
    condition_base: ({ baseState }) => CONDITIONING[baseState],
    under_long: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)} er langt: en hardere voks under får den til å vare.`,
    under_abrasive: 'Sporet sliter: en hardere voks under holder voksen på.',
    under_sharp: 'Skarpe krystaller sliper av voksen: en hardere voks under holder den på.',
    edges_burnt: 'Sålen er brent langs kantene: en stripe langs kantene under foten.',
    edges_hard_snow: 'Hard snø brenner sålen: en stripe langs kantene under foten.',
    one_coat: 'Ett strøk er nok.',
    more_coats: ({ isRace, isLong }) =>
      `${isRace && isLong ? 'Et langt renn' : isRace ? 'Et renn' : 'En lang tur'}: la hvert strøk kjølne, sikle og børst det.`,
    top_old_snow: ({ form }) => `Til rennet, et tynt lag topping på gammel snø${topForm(form)}.`,
    top_new_snow: ({ form }) => `Til rennet, et tynt lag topping på nysnø${topForm(form)}.`,
  },
  MISSING_LAYER: {
    no_conditioner: 'En myk mettevoks til pleie.',
    no_hardener: 'En herder til kantene under foten.',
    no_harder_wax: 'En hardere voks til å ha under.',
    no_top_layer: 'En topping som passer. Den gir lite: klar deg uten.',
  },
  FORM_WORK: {
    liquid_cold:
      'Rist, ha på med svamp, lukk flasken, la tørke, og børst. Ingen flamme i nærheten.',
    rub_and_cork: 'Gni på tynt og kork glatt. Ingen varme, ingen løsemidler.',
    powder_and_iron: 'Dryss omtrent 1 g per ski, så en kontrollert runde med jernet.',
    block_and_iron: 'Smelt inn, la kjølne, sikle, børst.',
  },
  FORM_REASON: {
    no_iron: 'Det finnes ikke noe jern.',
    no_ventilation: 'Rommet har ikke avtrekk.',
    no_fresh_air: 'Uten frisk luft: verken jern eller løsemidler.',
    too_little_time: ({ leastHours }) =>
      `Det er under ${plain(leastHours)} t igjen. Varmsmøring rekker ikke å kjølne.`,
    extruded_base: 'En ekstrudert såle tar lite voks fra jernet.',
    hard_as_powder: 'En hard voks smelter fortere og jevnere som pulver.',
    lasts_longest: 'Den varer lengst, og det er tid.',
    only_form: 'Denne voksen finnes i denne formen.',
    liquid_outside: 'Uten frisk luft: legg den på utendørs.',
  },
  STRUCTURE_WORK: {
    grind_fits: (task) => `${opened(task)} Slipet passer: uten rilleverktøy.`,
    grind_too_coarse: (task) => `${opened(task)} Slipet er for grovt: ta en annen ski.`,
    two_firm_passes: (task) =>
      `${opened(task)} Press med rilleverktøyet på ${plain(task.widthMm, 2)} mm: to bestemte drag, bare i glisonene.`,
    one_pass: (task) =>
      `${opened(task)} Press med rilleverktøyet på ${plain(task.widthMm, 2)} mm: ett drag, bare i glisonene.`,
    press_nothing: (task) => `${opened(task)} Uten rilleverktøy.`,
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
      `Snøen er ${write.temperature(parts.snowC)} og ber om en voks for ${write.temperature(parts.equivalentC)}.`,
    ].join(' '),
};
