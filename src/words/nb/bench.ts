import { say } from '../say';
import type { WordsAt } from '../language';
import { plain } from '../quantities';
import { iron } from './iron';
import { ski } from './ski';

const ON_SHELF = {
  cleaner: 'rens',
  soft_wax: 'myk voks',
  hardener: 'herder',
  wax_of_the_day: 'dagens voks',
  storage_wax: 'myk voks til lagring',
  top_layer: 'topping',
  grip_wax: 'festevoks',
  skin_care: 'fellpleie',
} as const;

export const bench: WordsAt<'bench'> = {
  FIRST_OF_ALL:
    'Etiketter, lokale regler og fagkunnskap går foran. Bindinger er arbeid for sertifiserte.',
  STEP_CAUTION: {
    iron: 'Varmt jern og smeltet voks. Det skal aldri ryke. Luft ut. Varmere enn etiketten går ikke fortere.',
    flammable: 'Brannfarlig. Ikke jern, flamme eller røyking i nærheten. Lokket på. Luft ut.',
    secure: 'Hold ledninger unna vått gulv. Løft brett og benker med beina.',
    scraper:
      'Skarpe kanter og sikling: bruk kuttsikre hansker. Spon går i avfallet etter lokale regler, ikke i snøen.',
    file: 'Filspon og skarpe kanter: bruk kuttsikre hansker og vernebriller. Hold bremsene oppe.',
    rotary: 'Rotorbørste: vernebriller, samle hår og ermer, roter bort fra ansiktet.',
    dust: 'Voksstøv: luft ut eller bruk avsug, og fei det opp.',
    klister: 'Klister brenner og kleber. Varm det forsiktig. Aldri åpen flamme mot sålen.',
    binding: 'Ikke rør utløserinnstillingene. Bare sertifiserte.',
    legacy:
      'Gammel fluorvoks: egnet åndedrettsvern, avsug, ingen flamme, ingen røyking, dekket hud. Avfall etter lokale regler. Ikke til godkjente renn.',
    high_melt:
      'Så varm etikett smelter sålen og lager røyk: åndedrettsvern, avsug, raske drag. Ta bort jernet ved første røyk.',
    box: 'Kontroller skapet med termometer. Blir det varmere enn innstilt, tar såle og liming skade. Bindinger og feller må tåle det.',
    burning_filler:
      'Brennende fyllmasse drypper. Ha en metallplate under, og hold løsemidler unna.',
    solvent_drying: 'Ikke varme eller flamme før løsemiddelet er borte.',
  },
  SETTING_REASON: {
    lab_below_label: ({ belowK }, write) =>
      `Fra jernlaben for denne skien og dette rommet: ${write.difference(belowK, 0)} under etiketten, så sporet holder seg kort.`,
    lab_as_label: 'Fra jernlaben for denne skien og dette rommet: som etiketten sier.',
    by_label: 'Fra etiketten.',
    by_label_lab_found_none: ({ lab }, write) =>
      `Fra etiketten. Jernlaben fant ingen bedre innstilling. ${say(iron.IRON_REASON, lab, write)}`,
  },
  SHEET_NOTE: {
    ...ski.SHOP,
    not_on_shelf: ({ what }) => `Utelatt: det er ingen ${ON_SHELF[what]} på hylla.`,
    not_under_iron: ({ product }) => `${product} skal ikke under jernet. Bruk den kald.`,
    not_for_roller: ({ product }) =>
      `Topping utelatt: ${product} er ikke laget for rull. Legg den på med svamp.`,
    not_for_sponge: ({ product }) =>
      `Topping utelatt: ${product} er ikke flytende. Legg den på med rull.`,
    iron_cannot_hold: ({ product, ironC }, write) =>
      `${product} utelatt: etiketten ber om ${write.temperature(ironC, 0)}, og jernet holder ikke det. Bruk et tungt, digitalt jern.`,
    too_hard_for_box: ({ product }) =>
      `Varmeskap utelatt: ${product} forblir hard i skapet. Smelt den inn, eller ta en mykere voks.`,
    not_a_liquid: ({ product }) =>
      `${product} er ikke flytende. Smelt den inn som den er, uten jobbark.`,
    no_box_for_skin: 'Varmeskap utelatt: timer med varme løsner fella.',
    under_left_out: ({ product }) =>
      `Utelatt: ${product} under den flytende. Kryss av for «Varmsmøring» også for å smelte den inn først.`,
    grinder_first: 'Sålen er ikke plan: slipet kommer før alt annet.',
    no_heat_on_delamination:
      'Skien er delaminert: ingen varme på den. Lever den på verksted først.',
    no_grip_zone: 'Festevoks er bare for klassiske, smørbare ski.',
    no_pattern: 'Denne skien har ingen smørefri såle.',
    no_skin: 'Denne skien har ingen felle.',
    no_board: 'Dette er en ski, ikke et snøbrett.',
    klister_takes_zone: 'Festevoks utelatt: klister tar sonen.',
    storage_takes_all: 'Dagens voks utelatt: lagringsvoks legges på for sommeren.',
    ironed_liquid_is_enough: 'Kald flytende utelatt: den innsmeltede er nok.',
    one_wax_of_the_day: 'Pulver utelatt: én dagens voks er nok.',
    wax_is_ironed_already: 'Flytende utelatt: dagens voks er alt smeltet inn.',
    no_ventilation: 'Ikke avtrekk. Åpne dør og vindu når du bruker jern, eller arbeid uten varme.',
    grind_too_coarse: ({ grindMm, widthMm }) =>
      `Slipet på ${plain(grindMm, 2)} mm er grovere enn de ${plain(widthMm, 2)} mm snøen ber om. En annen ski ville vært raskere.`,
  },
  PROGRAMME: {
    edges: 'Kanter',
    clean_liquid: 'Rens, flytende',
    clean_hot_scrape: 'Rens ved varmesikling',
    new_base: 'Ny eller nyslipt',
    hot_wax: 'Varmsmøring',
    powder: 'Pulver',
    liquid: 'Kaldt: flytende, pasta eller gnidd på',
    liquid_ironed: 'Flytende, smeltet inn',
    hardening: 'Herde kantene',
    structure: 'Presse struktur',
    top_roller: 'Topping med rull',
    top_sponge: 'Topping med svamp',
    grip: 'Festevoks',
    klister: 'Klister',
    pattern: 'Smørefri såle',
    skin: 'Felle',
    storage: 'Lagringsvoks',
    snowboard: 'Snøbrett',
    hot_box: 'Varmeskap',
  },
  PROGRAMME_REASON: {
    powder_wax: ({ product }) => `${product} er et pulver.`,
    long_way_for_liquid: ({ distanceKm }, write) =>
      `${write.distance(distanceKm)}: smeltet inn varer en flytende lenger.`,
    cold_liquid: ({ product }) => `${product} legges på kald.`,
    iron_wax: ({ product }) => `${product} legges på med jernet.`,
    under_first: ({ product }) => `${product} går under den flytende, med jernet.`,
    rubbed_without_iron: ({ product }) =>
      `Uten jern eller frisk luft: ${product} gnis på og korkes.`,
    dirt_under_storage: 'Skitt under lagringsvoks blir der.',
    season_over: 'Sesongen er over.',
    edges_found: 'Kontrollen av sålen fant grader. Kanter kommer før voks.',
    board: 'Et snøbrett har skruer og bred såle.',
    fresh_grind: 'Den er nyslipt.',
    dirt_found: 'Sålen er skitten. Løft skitten med varm, myk voks.',
    dirt_found_no_iron: 'Sålen er skitten, og det er ikke noe jern å bruke.',
    hardener_in_choice: 'Valget ber om herder langs kantene.',
    structure_in_choice: 'Snøen ber om presset struktur.',
    race_top_roller: 'Renn: et tynt lag topping med rull.',
    race_top_sponge: 'Renn: et tynt lag topping med svamp.',
    classic_stick: 'Klassisk ski: festevoks i sonen, til sist.',
    classic_klister: 'Klassisk på våt eller iset snø: klister i sonen, til sist.',
    pattern_ices: 'Et tørt mønster iser.',
    skin_care: 'En felle trenger eget stell.',
  },
};
