import type { Brush, StepWords, StepWork } from '../../core/bench';
import type { WorkWords } from '../en/steps';
import type { WordsAt } from '../language';
import { plain } from '../quantities';
import type { Writer } from '../write';
import { ski } from './ski';

const BRUSH: Record<Brush, string> = {
  fine_steel: 'fin stålbørste',
  fine_metal: 'fin metallbørste',
  steel: 'stålbørste',
  brass: 'messingbørste',
  nylon: 'nylonbørste',
  soft_nylon: 'myk nylonbørste',
  stiff_nylon: 'stiv nylonbørste',
  horsehair: 'hestehårbørste',
};
const capital = (text: string) => `${text[0]!.toUpperCase()}${text.slice(1)}`;
const where = ({ isTipsOnly }: { isTipsOnly: boolean }) =>
  isTipsOnly ? 'bare tupp og bakski, aldri festesonen' : 'hele sålen';
const zone = ({ startCm, endCm }: { startCm: number; endCm: number }) =>
  `fra ${Math.round(startCm)} til ${Math.round(endCm)} cm foran hælplaten`;
const grams = (value: number) => `${plain(value, 1)} g`;

const TRAIL = 'Et spor på 1 til 10 cm er flytende bak jernet. Oversiden av skien er håndvarm.';
const EDGE_DUST = 'Bare fra tupp til bakende, lett, og tørk av støvet.';
const METAL_ONE_WAY = 'Bare fra tupp til bakende, lett, på spissene av busten.';
const NO_BARE = 'Ingen bar såle igjen som jernet kan treffe.';
const WET_FILM = 'En jevn, våt film, ingen dammer.';

const STEP: WorkWords = {
  secure: ({ isBoard, hasBrakes, hasEdges }) => ({
    title: 'Varm skien og spenn den fast',
    tool: isBoard ? 'Brettholder' : 'Skruestikke eller skibenk',
    what: `La skien bli romvarm. Tørk den, og spenn den fast med sålen opp${hasEdges && !isBoard ? ', på midten' : ''}.${hasBrakes ? ' Hold bremsene oppe med en strikk.' : ''}`,
    doneWhen: 'Den rører seg ikke under hånden, og sålen er tørr.',
    reason: 'En kald eller fuktig såle tar ikke voks.',
  }),
  loosen_screws: {
    title: 'Løsne bindingsskruene',
    tool: 'Skrutrekker',
    what: 'Løsne bindingsskruene en omdreining, eller ta bindingene av. Merk hvor de satt.',
    doneWhen: 'Sålen er plan over innsatsene.',
    reason: 'Stramme skruer trekker groper i en varm såle.',
  },
  tighten_screws: {
    title: 'Stram bindingsskruene',
    tool: 'Skrutrekker',
    what: 'Sett bindingene tilbake på merkene. Stram skruene for hånd.',
    doneWhen: 'Ingenting rører seg.',
    reason: 'Stramme skruer trekker groper i en varm såle.',
  },
  fill_gouges: ({ places }) => ({
    title: places === 1 ? 'Fyll ett hakk' : `Fyll ${places} hakk`,
    tool: 'Fyllmasse og metallsikling',
    what: ski.MARK.gouge.action,
    doneWhen: 'Neglen hekter ikke.',
    reason: ski.MARK.gouge.meaning,
  }),
  sidewall: ({ angleDeg }) => ({
    title: 'Ta ned sideveggen',
    tool: 'Sidevegghøvel',
    what: `Høvle sideveggen i ${plain(angleDeg)}°, lange overlappende strøk, fra tupp til bakende.`,
    doneWhen: 'Filen treffer bare stål.',
    reason: 'Sideveggen tetter filen og løfter den ut av vinkelen.',
  }),
  case_off: ({ hasBurrs }) => ({
    title: hasBurrs ? 'Ta av herdede grader' : 'Ta av herdede flekker',
    tool: 'Grov diamant',
    what: 'Vått og lett langs såle- og sidekant til den går uten å hakke.',
    doneWhen: 'Du kjenner ingen hakk langs kanten.',
    reason: 'En herdet flekk ødelegger en fil.',
  }),
  rust_off: {
    title: 'Ta av rust',
    tool: 'Gummistein, så fin diamant',
    what: 'Gni flekken langs kanten med steinen, og poler lett med diamanten. Tørk av.',
    doneWhen: 'Stålet er blankt der, og ingenting hekter.',
    reason: 'Fersk rust sitter bare i overflaten. Den trenger ingen ny vinkel.',
  },
  base_bevel: ({ angleDeg }) => ({
    title: `Sålekant i ${plain(angleDeg)}°`,
    tool: 'Vinkel for sålekant, finfil, fin diamant',
    what: 'Finfil, 1–2 lette drag, bare der tusjen viser skade. Så fin diamant, 2 drag. Fra tupp til bakende.',
    doneWhen: 'Tusjen er borte langs hele kanten, og den skinner.',
    reason: 'Stål som er tatt av sålekanten, kommer bare igjen med et slip.',
  }),
  side_bevel: ({ angleDeg }) => ({
    title: `Sidekant i ${plain(angleDeg)}°`,
    tool: 'Vinkel for sidekant, grovfil, finfil, fin diamant',
    what: 'Grovfil til hakkene er borte, så finfil, 1–2 drag, så fin diamant, 2 drag. Lange overlappende strøk, lett trykk, fra tupp til bakende.',
    doneWhen: 'Glatt, ingen hakk. Den skaver av en negl.',
    reason: 'Hver grovhet fjerner sporene etter den forrige.',
  }),
  detune: {
    title: 'Sløv endene, og ta av graden',
    tool: 'Gummistein',
    what: 'Sløv de siste 8 til 12 cm av tupp og bakende i 45°, med jevn overgang. Så ett lett drag langs alle kanter.',
    doneWhen: 'Ingenting hekter i en klut, og du ser ingen trapp der det skarpe begynner.',
    reason: 'En skarp tupp hugger, og en grad bremser.',
  },
  wipe_filings: {
    title: 'Tørk av filsponet',
    tool: 'Fuktig klut og børste',
    what: 'Kanter, såle og benk, hvert drag med en ren side av kluten. Kast kluten.',
    doneWhen: 'En finger langs kantene forblir ren.',
    reason: 'Stålspon under børste eller sikling riper sålen.',
  },
  release_clamp: {
    title: 'Åpne klemmen på midten',
    tool: 'Skruestikke',
    what: 'Skien ligger på støttene ved tupp og bakende, og klemmen holder den ikke lenger.',
    doneWhen: 'Skien kan bøye seg fritt.',
    reason: 'Fastspent under jernet bøyer skien seg og kan gå fra hverandre.',
  },
  sharpen_scraper: {
    title: 'Slip siklingen',
    tool: 'Siklingssliper eller fil',
    what: 'Trekk eggen rett og vinkelrett. Slip den på nytt for hver ski.',
    doneWhen: 'Den løfter et tynt spon av oversiden av neglen.',
    reason: 'En sløv sikling presser voksen i stedet for å skjære den.',
  },
  to_grinder: {
    title: 'Ta paret til sliping',
    tool: 'Steinslipemaskin',
    what: 'Ikke arbeid på kanter og såle først. Si hvor fin strukturen skal være. Ta deretter «Ny eller nyslipt».',
    doneWhen: 'En linjal viser ikke lys langs sålen.',
    reason: 'På en såle som ikke er plan, når verken sikling, børste eller struktur hulningene.',
  },
  clean_liquid: ({ isTwice }) => ({
    title: 'Rens med flytende rens',
    tool: 'Rens, klut, myk børste',
    what: `Ha på med klut, la den virke 10 til 15 min, tørk av${isTwice ? '. Gjør det to ganger: sålen er skitten' : ''}. Lokket på.`,
    doneWhen: 'En hvit klut forblir hvit.',
    reason: 'Gammel voks og skitt holder ny voks ute.',
  }),
  brush_new_base: ({ isAgain }) => ({
    title: isAgain ? 'Fin stålbørste igjen' : 'Fin stålbørste',
    tool: 'Fin stålbørste',
    what: EDGE_DUST,
    doneWhen: 'Ingenting hekter i en bomullsdott.',
    reason: isAgain ? 'Den tar bort de kappede hårene.' : 'Den løfter det steinen lot stå.',
  }),
  abrasive_pad: {
    title: 'Fiberpute',
    tool: 'Fin fiberpute',
    what: EDGE_DUST,
    doneWhen: 'Ingenting hekter i en bomullsdott.',
    reason: 'Den kapper hårene som står opp.',
  },
  open_structure: ({ brush }) => ({
    title: `Åpne strukturen: ${BRUSH[brush]}`,
    tool: capital(BRUSH[brush]),
    what: 'Bare fra tupp til bakende, bestemt, og tørk av støvet.',
    doneWhen: 'Sålen er matt og jevn, og linjene er klare.',
    reason: brush === 'steel' ? 'Rene linjer tar voks.' : 'Kald, fin snø: messing er nok.',
  }),
  sprinkle: (work) => ({
    title: `Legg på ${work.product}`,
    tool: 'Pulverboks',
    what: `Dryss ${grams(work.grams)} jevnt over ${where(work)}.`,
    doneWhen: NO_BARE,
    reason: 'En film verner sålen mot den første varmen.',
  }),
  drip: (work) => {
    const drops = work.isWide
      ? 'i en S av dråper, den ene halvdelen av sålen, så den andre'
      : 'en dråpe hver 1–2 cm';
    return {
      title: `Legg på ${work.product}`,
      tool: 'Blokk og jern holdt fra hverandre',
      what: work.isRubbedFirst
        ? `Gni en tynn film på ${where(work)}, og drypp: ${drops}.`
        : `Drypp ${drops} på ${where(work)}.`,
      doneWhen: NO_BARE,
      reason: work.isRubbedFirst
        ? 'En film verner sålen mot den første varmen.'
        : 'Det er nok når dråpene ligger tett.',
    };
  },
  edge_strip: (work) => ({
    title: `Legg ${work.product} langs kantene`,
    tool: 'Pulverboks',
    what: `${grams(work.grams)} i en stripe på en centimeter langs begge kanter under foten, på en tynn film av voks.`,
    doneWhen: NO_BARE,
    reason: 'Hard snø brenner sålen der først.',
  }),
  iron: (work) => ({
    title: `Smelt inn ${work.product}`,
    tool: work.isHouseholdIron ? 'Strykejern' : 'Smørejern',
    what: [
      work.isPowder
        ? 'Trykk pulveret fast, så tupp til bakende, det ene jevne draget etter det andre.'
        : work.isTipToTailOnly
          ? 'Tupp til bakende, det ene jevne draget etter det andre.'
          : 'Fordel dråpene først, så tupp til bakende, det ene jevne draget etter det andre.',
      'Stå aldri stille.',
      work.isWide ? 'Den ene halvdelen av sålen, så den andre.' : '',
      work.isOtherInRests ? 'Ta den andre skien i støttene.' : '',
    ]
      .filter(Boolean)
      .join(' '),
    doneWhen: TRAIL,
    reason: 'Voks går bare inn i sålen mens den er flytende.',
  }),
  dab: ({ product }) => ({
    title: `Trykk fast ${product}`,
    tool: 'Smørejern',
    what: 'Sett jernet ned i pulveret, løft, flytt. Ikke skyv.',
    doneWhen: 'Pulveret sitter overalt og fyker ikke.',
    reason: 'Et jern i bevegelse skyver løst pulver av sålen.',
  }),
  iron_halves: ({ product, isSecond, isStrip }) => ({
    title: isSecond ? `Smelt inn ${product} en gang til` : `Smelt inn ${product}`,
    tool: 'Smørejern som holder temperaturen',
    what: `${isStrip ? 'Den ene kanten av jernet langs den ene kanten av skien, så den andre.' : 'Med den ene kanten av jernet over den ene halvdelen av skien, så den andre.'} Raskt, jevnt, aldri tilbake. Det trenger ikke se perfekt ut.`,
    doneWhen: 'Det glimter en gang bak jernet, og oversiden av skien er ikke mer enn håndvarm.',
    reason: isSecond
      ? 'Det børsten løftet, smelter inn nå.'
      : 'Kort varme smelter pulveret og skåner sålen. Bare på en såle med hard voks i.',
  }),
  brush_up: {
    title: 'Børst opp pulveret',
    tool: 'Stiv nylonbørste',
    what: 'Korte, raske strøk frem og tilbake, og tørk langs.',
    doneWhen: 'Filmen er ru og jevn.',
    reason: 'Det fordeler det som ennå ikke er smeltet, til andre drag.',
  },
  scrape_lightly: {
    title: 'Sikle svært lett',
    tool: 'Skarp plastsikling, 4–5 mm',
    what: 'Ett eller to drag uten trykk, fra tupp til bakende. Børstene gjør resten.',
    doneWhen: 'Smulene er borte, og filmen er der ennå.',
    reason: 'Filmen er tynn og hard: en hard sikling river den ut.',
  },
  spread_for_box: (work) => ({
    title: `Legg ${work.product} på tykt`,
    tool: 'Blokk og jern holdt fra hverandre',
    what: `Gni og drypp et tykt, jevnt strøk på ${where(work)}. Ikke sikle.`,
    doneWhen: 'Sålen er dekket overalt.',
    reason: 'Skapet kan bare trekke inn det som ligger på sålen.',
  }),
  box: ({ product, boxC, hours }, write) => ({
    title: `Varmeskap, ${write.temperature(boxC, 0)} i ${plain(hours)} t`,
    tool: 'Varmeskap',
    what: `Sålene opp, ingenting i berøring. Skapet på ${write.temperature(boxC, 0)}, så varmt som ${product} smelter, og ikke varmere.`,
    doneWhen: 'Voksen har sunket inn, og matte felter viser hvor sålen drakk.',
    reason: 'Timer med mild varme metter en såle som fem strøk med jern, uten et jern i nærheten.',
  }),
  iron_through_sheet: ({ product }) => ({
    title: `Smelt ${product} gjennom folie`,
    tool: 'Smørejern og PTFE-folie',
    what: 'Legg folien mellom jern og såle. Ett langsomt drag. Kalkaktig utseende er normalt: ikke sikle.',
    doneWhen: 'Filmen er gått fra melkehvit til klar eller kalkaktig overalt.',
    reason: 'Varme binder filmen, så den varer lenger.',
  }),
  warm_edges: {
    title: 'Sikle kantene mens de er varme',
    tool: 'Plastsikling',
    what: 'Ta voksen av stålkanter og sidevegger mens den er myk.',
    doneWhen: 'Kantene er rene, og ingen voks henger over.',
    reason: 'Kald voks spretter der. Varm voks skreller av.',
  },
  warm_groove: {
    title: 'Sikle rille og sidevegger mens de er varme',
    tool: 'Rillesikling',
    what: 'Rens rillen med hånden over verktøyet, så sideveggene.',
    doneWhen: 'Rille og sidevegger er rene, og ingen voks henger over.',
    reason: 'Kald voks spretter der. Varm voks skreller av.',
  },
  hot_scrape: ({ purpose }) => ({
    title: 'Varmesikle',
    tool: 'Plastsikling',
    what: 'Rett etter jernet, fra tupp til bakende. Gjenta med ny voks til sponet er rent.',
    doneWhen: purpose === 'clean' ? 'Sponet kommer av rent.' : 'Fargen er jevn, uten grått igjen.',
    reason:
      purpose === 'clean'
        ? 'Varm, myk voks bærer skitten ut.'
        : 'Myk voks åpner sålen. Hard voks følger etter.',
  }),
  sponge_on: (work) => ({
    title: `Legg på ${work.product}`,
    tool: 'Svamp',
    what: `Rist flasken. Ha på med svamp, 15 til 20 cm om gangen, over ${where(work)}. Lukk flasken.`,
    doneWhen: WET_FILM,
    reason: 'Den dekker i ett, med lite svinn.',
  }),
  brush_on_and_cork: (work) => ({
    title: `Legg på ${work.product}`,
    tool: 'Pensel og kork',
    what: `Rist flasken. Pensle 15 til 20 cm av ${where(work)}, kork straks, så de neste 15 til 20 cm. Lukk flasken.`,
    doneWhen: 'En jevn film, ingen dammer, ingen matte felter.',
    reason: 'Korken arbeider filmen inn før den stivner.',
  }),
  cork_film: ({ product }) => ({
    title: `Kork ${product}`,
    tool: 'Syntetisk kork eller naturkork',
    what: 'Bestemte, raske strøk fra tupp til bakende, til korken kjennes varm.',
    doneWhen: 'Filmen er gått fra melkehvit til klar.',
    reason: 'Friksjonsvarmen binder filmen til sålen.',
  }),
  rub_on: (work) => ({
    title: `Gni på ${work.product}`,
    tool: 'Blokk',
    what: `Gni en tynn, jevn film på ${where(work)}.`,
    doneWhen: 'Sålen er matt overalt.',
    reason: 'Uten jern blir voksen liggende oppå: det virker en kort stund.',
  }),
  wipe_on: (work) => ({
    title: `Legg på ${work.product}`,
    tool: 'Klut',
    what: `Stryk den tynt over ${where(work)}.`,
    doneWhen: WET_FILM,
    reason: 'Den dekker i ett, med lite svinn.',
  }),
  roll_top: (work) => ({
    title: `Topping: ${work.product}`,
    tool: 'Ullrull',
    what: `${work.isBlock ? `Gni et tynt spor på ${where(work)}. Så den korthårede rullen` : `Rist flasken, og ha en tynn film på ${where(work)}. La den tørke, så den langhårede rullen`}, fra tupp til bakende, lett, med rotasjon mot bakenden.`,
    doneWhen: 'En tynn, jevn film. To lag er som regel nok.',
    reason: work.isBlock
      ? 'Kort hår gir litt varme, og blokken trenger det.'
      : 'Langt hår polerer flytende uten varme.',
  }),
  sponge_top: (work) => ({
    title: `Topping: ${work.product}`,
    tool: 'Svamp',
    what: `Rist flasken. Ha en tynn film på ${where(work)}. Lukk flasken.`,
    doneWhen: 'En tynn, jevn film. To lag er som regel nok.',
    reason: 'På nysnø virker flytende best.',
  }),
  polish_top: {
    title: 'Poler toppingen',
    tool: 'Myk nylonbørste eller kork',
    what: 'Fra tupp til bakende, lett, uten trykk.',
    doneWhen: 'En jevn glans.',
    reason: 'En tynn film er rask. En tykk er ikke det.',
  },
  brush: ({ brush, isMetal, isRotary }) => ({
    title: `Børst: ${BRUSH[brush]}`,
    tool: isRotary ? `Rotor, ${BRUSH[brush]}` : capital(BRUSH[brush]),
    what: isMetal
      ? METAL_ONE_WAY
      : isRotary
        ? 'Roter mot bakenden, bort fra ansiktet. Vekten av børsten er trykk nok. Langsomt fra tupp til bakende.'
        : 'Lange strøk fra tupp til bakende, korte raske der du ennå ser voks.',
    doneWhen: 'Ikke mer støv. Mot lyset er strukturen fri for voks.',
    reason: isMetal ? 'Den tar voks ut av strukturen.' : 'Den tar det forrige børste lot ligge.',
  }),
  scrape: ({ isBare, hasEdges }) => ({
    title: 'Sikle',
    tool: 'Skarp plastsikling, 4–5 mm',
    what: `${hasEdges ? 'Fra tupp til bakende,' : 'Rillen først, så'} ${
      isBare
        ? 'lange, lette drag med siklingen litt på skrå, til sålen er bar.'
        : 'noen lette drag. Børstene gjør resten.'
    }`,
    doneWhen: isBare
      ? 'Ingen hvite flekker. Den kjennes bar mot håndbaken.'
      : 'Voksen er tynn og jevn.',
    reason: isBare ? 'Voks som ligger igjen oppå, bremser bare.' : 'Det skåner strukturen.',
  }),
  cool: ({ isColdRoom, isHard }) => ({
    title: 'Kjøl',
    tool: 'Stativ',
    what: isColdRoom
      ? 'La den kjølne i det varmeste hjørnet, ikke i døra. Hard voks sprekker av i frost.'
      : `Sett den i stativet, sålen fri, til den er like kald som rommet.${isHard ? ' Aldri i en iskald dør: der sprekker hard voks av.' : ''}`,
    doneWhen: 'Håndbaken kjenner ingen varme.',
    reason: 'Voksen fortsetter å sette seg mens den kjølner. Varm voks klines under siklingen.',
  }),
  cool_klister: {
    title: 'Kjøl',
    tool: 'Stativ',
    what: 'Sett den ute, sålen fri, til den er like kald som snøen.',
    doneWhen: 'Den trekker ikke lenger tråder fra fingeren.',
    reason: 'Varmt klister tar opp snø og iser.',
  },
  cool_grip: {
    title: 'Kjøl festevoksen',
    tool: 'Stativ ute',
    what: 'Sett paret ute, sålene fri, til de er like kalde som snøen.',
    doneWhen: 'Sonen kjennes hard, og fingeren setter ikke merke.',
    reason: 'Varm festevoks tar opp snø og iser.',
  },
  flash_off: {
    title: 'La løsemiddelet dampe av',
    tool: 'Stativ',
    what: 'La den stå i luft som beveger seg, flasker lukket, til løsemiddelet er borte.',
    doneWhen: 'Ingen lukt, ingen fuktig glans.',
    reason: 'Løsemiddel i sålen holder voksen ute, og det brenner.',
  },
  dry_film: {
    title: 'La den tørke',
    tool: 'Stativ',
    what: 'La den stå til filmen er melkehvit og tørr å ta på.',
    doneWhen: 'Den er melkehvit og klines ikke.',
    reason: 'En våt film tørkes av i stedet for å feste.',
  },
  zone_ready: (work) => ({
    title: 'Gjør festesonen klar',
    tool: 'Skrape og fint sandpapir',
    what: `Skrap av gammel voks, merk sonen ${zone(work)}, og puss lett.`,
    doneWhen: 'Matt, ren og merket i begge ender.',
    reason: 'Festevoks sitter på en ru såle.',
  }),
  grip_off: ({ hasCleaner }) => ({
    title: 'Ta av festevoks og klister',
    tool: hasCleaner ? 'Skrape, rens, klut' : 'Skrape og klut',
    what: `Skrap sonen, også rillen${hasCleaner ? ', og ta resten med rens på en klut' : '. Varmluft mykner klister'}. Legg kluten ute.`,
    doneWhen: 'Ingenting kleber til fingeren i sonen.',
    reason: 'Klister renner over hele skien i en varm sommer.',
  }),
  crayon: (work) => ({
    title: `${work.product}: ${work.layers === 1 ? 'ett lag' : `${work.layers} lag`}`,
    tool: 'Boks med festevoks',
    what: `Smør tynt ${zone(work)}. Glatt hvert lag før det neste.`,
    doneWhen: 'Jevn farge over hele sonen.',
    reason: 'Flere tynne lag varer lenger enn ett tykt.',
  }),
  cork: ({ product }) => ({
    title: `Kork ${product}`,
    tool: 'Syntetisk kork',
    what: 'Glatt hvert lag, lett og raskt. Hold rillen fri.',
    doneWhen: 'Glatt og tynt, ingen kanter i endene.',
    reason: 'Tynne, glatte lag fester og glir. Et tykt gjør ingen av delene.',
  }),
  spread_klister: (work) => ({
    title: `Fordel ${work.product}`,
    tool: 'Tube og plastspatel',
    what: `Varm tuben i hånden eller med varmluft. Korte strenger på hver side av rillen ${zone(work)}, dra tynt ut.`,
    doneWhen: 'En tynn, jevn film, og rillen er fri.',
    reason: 'Bare klister fester på våt, grov snø, skare og is.',
  }),
  clear_pattern: {
    title: 'Rens mønsteret',
    tool: 'Stiv nylonbørste',
    what: 'Børst restene ut av mønsteret, langs og på tvers. Aldri sikling eller jern på det.',
    doneWhen: 'Trinnene i mønsteret er skarpe og rene.',
    reason: 'Rester iser i våt nysnø, og varm voks tetter mønsteret.',
  },
  pattern_liquid: ({ product }) => ({
    title: `Ha ${product} på mønsteret`,
    tool: 'Svamp',
    what: 'Arbeid en tynn film inn i trinnene mot ising. Lukk flasken.',
    doneWhen: 'En fuktig glans, ingen dammer i trinnene.',
    reason: 'Et tørt mønster iser i våt nysnø.',
  }),
  skin_care: ({ product }) => ({
    title: 'Rens og stell fella',
    tool: 'Klut',
    what: `${product} på en klut, med hårene, fra tupp til bakende. Hold varm voks og sålerens unna fella.`,
    doneWhen: 'Hårene ligger flatt og mørkt, og ingen glider sitter i dem.',
    reason: 'Skitt og gammel voks får en felle til å bremse. En tørr felle iser.',
  }),
  cover_skin: {
    title: 'Ta ut fella, eller dekk den',
    tool: 'Maskeringsteip og papir',
    what: 'Løft fella av der den kan tas av. Ellers: dekk den med papir og teip forbi begge ender.',
    doneWhen: 'Ingen hår synes, og teipen ligger flatt på sålen.',
    reason: 'Varme smelter limet i en felle, og voks og rens ødelegger hårene.',
  },
  uncover_skin: {
    title: 'Avdekk fella',
    tool: 'Ingen',
    what: 'Dra teipen langsomt av, eller sett fella tilbake på plass.',
    doneWhen: 'Fella ligger flatt, uten lim eller voks igjen på den.',
    reason: 'Støv fra voks og børster blir på papiret.',
  },
  press_rills: ({ widthMm }) => ({
    title: `Press struktur, ${plain(widthMm, 2)} mm`,
    tool: 'Rilleverktøy',
    what: 'Fra tupp til bakende med jevnt trykk, bare i glisonene. En plastsikling flater den ut igjen.',
    doneWhen: 'Jevne linjer mot lyset.',
    reason: 'Vannet må renne av. En glatt såle suger seg fast i våt snø.',
  }),
  leave_on: ({ hasEdges }) => ({
    title: 'La voksen sitte',
    tool: 'Tørt, mørkt sted',
    what: `Ikke sikle.${hasEdges ? ' Voks også over kantene.' : ''} Løsne stroppene, ingen vekt på spennet.`,
    doneWhen: hasEdges ? 'Såle og kanter er dekket overalt.' : 'Sålen er dekket overalt.',
    reason: hasEdges
      ? 'En dekket såle tørker ikke ut, og dekkede kanter ruster ikke.'
      : 'En dekket såle tørker ikke ut over sommeren.',
  }),
  last_look: {
    title: 'Se langs sålen',
    tool: 'Lys bakfra',
    what: 'Sidevegger og kanter rene, sålene ikke mot hverandre, stropper på.',
    doneWhen: 'Ingen voks i strukturen, ingen på sideveggene.',
    reason: 'En feil funnet nå koster et minutt. På startstreken koster den rennet.',
  },
};

export const steps: WordsAt<'steps'> = {
  stepWords(work: StepWork, write: Writer): StepWords {
    const entry = STEP[work.code] as StepWords | ((work: StepWork, write: Writer) => StepWords);
    return typeof entry === 'function' ? entry(work, write) : entry;
  },
};
