import type { Brush, StepWords, StepWork } from '../../core/bench';
import type { WorkWords } from '../en/steps';
import type { WordsAt } from '../language';
import { plain } from '../quantities';
import type { Writer } from '../write';
import { ski } from './ski';

const BRUSH: Record<Brush, string> = {
  fine_steel: 'feine Stahlbürste',
  fine_metal: 'feine Metallbürste',
  steel: 'Stahlbürste',
  brass: 'Messingbürste',
  nylon: 'Nylonbürste',
  soft_nylon: 'weiche Nylonbürste',
  stiff_nylon: 'harte Nylonbürste',
  horsehair: 'Rosshaarbürste',
};
const capital = (text: string) => `${text[0]!.toUpperCase()}${text.slice(1)}`;
const where = ({ isTipsOnly }: { isTipsOnly: boolean }) =>
  isTipsOnly ? 'nur Spitzen und Enden, nie die Steigzone' : 'den ganzen Belag';
const zone = ({ startCm, endCm }: { startCm: number; endCm: number }) =>
  `von ${Math.round(startCm)} bis ${Math.round(endCm)} cm vor der Fersenplatte`;
const grams = (value: number) => `${plain(value, 1)} g`;

const TRAIL =
  'Hinter dem Eisen bleibt eine Spur von 1 bis 10 cm flüssig. Die Oberseite des Skis ist handwarm.';
const EDGE_DUST = 'Nur von der Spitze zum Ende, leicht, dann den Staub abwischen.';
const METAL_ONE_WAY = 'Nur von der Spitze zum Ende, leicht, auf den Borstenspitzen.';
const NO_BARE = 'Nirgends mehr blanker Belag, den das Eisen berühren kann.';
const WET_FILM = 'Ein gleichmäßiger, nasser Film, keine Pfützen.';
const FIRST_HEAT = 'Ein Film schützt den Belag vor der ersten Hitze.';

const STEP: WorkWords = {
  secure: ({ isBoard, hasBrakes, hasEdges }) => ({
    title: 'Ski wärmen und einspannen',
    tool: isBoard ? 'Boardhalter' : 'Spannvorrichtung oder Bock',
    what: `Den Ski auf Raumtemperatur kommen lassen. Trocken wischen und mit dem Belag nach oben einspannen${hasEdges && !isBoard ? ', in der Mitte' : ''}.${hasBrakes ? ' Die Bremsen mit einem Gummi hochhalten.' : ''}`,
    doneWhen: 'Unter der Hand bewegt sich nichts, und der Belag ist trocken.',
    reason: 'Ein kalter oder feuchter Belag nimmt kein Wachs an.',
  }),
  loosen_screws: {
    title: 'Bindungsschrauben lösen',
    tool: 'Schraubendreher',
    what: 'Die Bindungsschrauben eine Umdrehung lösen oder die Bindungen abnehmen. Ihre Lage markieren.',
    doneWhen: 'Der Belag ist über den Inserts plan.',
    reason: 'Feste Schrauben ziehen Dellen in den warmen Belag.',
  },
  tighten_screws: {
    title: 'Bindungsschrauben anziehen',
    tool: 'Schraubendreher',
    what: 'Die Bindungen zurück auf die Marken setzen. Die Schrauben von Hand anziehen.',
    doneWhen: 'Nichts bewegt sich.',
    reason: 'Feste Schrauben ziehen Dellen in den warmen Belag.',
  },
  fill_gouges: ({ places }) => ({
    title: places === 1 ? 'Eine Kerbe füllen' : `${places} Kerben füllen`,
    tool: 'Tropfkerze und Metallklinge',
    what: ski.MARK.gouge.action,
    doneWhen: 'Der Fingernagel hakt nicht.',
    reason: ski.MARK.gouge.meaning,
  }),
  sidewall: ({ angleDeg }) => ({
    title: 'Seitenwange zurücksetzen',
    tool: 'Seitenwangenhobel',
    what: `Die Seitenwange mit ${plain(angleDeg)}° hobeln, lange überlappende Züge, von der Spitze zum Ende.`,
    doneWhen: 'Die Feile berührt nur Stahl.',
    reason: 'Die Seitenwange verstopft die Feile und hebt sie aus dem Winkel.',
  }),
  case_off: ({ hasBurrs }) => ({
    title: hasBurrs ? 'Gehärtete Grate entfernen' : 'Gehärtete Stellen entfernen',
    tool: 'Grobe Diamantfeile',
    what: 'Nass und leicht an Belag- und Seitenkante entlang, bis sie ohne Ticken läuft.',
    doneWhen: 'An der Kante ist kein Ticken zu spüren.',
    reason: 'Eine gehärtete Stelle ruiniert eine Feile.',
  }),
  rust_off: {
    title: 'Rost entfernen',
    tool: 'Kantengummi, dann feine Diamantfeile',
    what: 'Die Stelle mit dem Gummi entlang der Kante reiben, dann leicht mit dem Diamant polieren. Trocknen.',
    doneWhen: 'Der Stahl ist dort blank, und nichts hakt.',
    reason: 'Frischer Rost sitzt nur an der Oberfläche. Er braucht keinen neuen Winkel.',
  },
  base_bevel: ({ angleDeg }) => ({
    title: `Belagkante mit ${plain(angleDeg)}°`,
    tool: 'Belagwinkel, feine Feile, feine Diamantfeile',
    what: 'Feine Feile, 1–2 leichte Züge, nur wo der Filzstift Schaden zeigt. Dann feiner Diamant, 2 Züge. Von der Spitze zum Ende.',
    doneWhen: 'Der Filzstift ist auf der ganzen Kante weg, und sie glänzt.',
    reason: 'Stahl von der Belagkante kommt nur mit einem Schliff zurück.',
  }),
  side_bevel: ({ angleDeg }) => ({
    title: `Seitenkante mit ${plain(angleDeg)}°`,
    tool: 'Seitenwinkel, grobe Feile, feine Feile, feine Diamantfeile',
    what: 'Grobe Feile, bis die Scharten weg sind, dann feine Feile, 1–2 Züge, dann feiner Diamant, 2 Züge. Lange überlappende Züge, wenig Druck, von der Spitze zum Ende.',
    doneWhen: 'Glatt, kein Ticken. Sie hobelt am Fingernagel.',
    reason: 'Jede Körnung nimmt die Spuren der vorigen weg.',
  }),
  detune: {
    title: 'Enden brechen und Grat nehmen',
    tool: 'Kantengummi',
    what: 'Die letzten 8 bis 12 cm an Spitze und Ende mit 45° brechen und auslaufen lassen. Dann ein leichter Zug an allen Kanten.',
    doneWhen: 'Nichts hakt am Tuch, und wo die Schärfe beginnt, ist keine Stufe zu sehen.',
    reason: 'Eine scharfe Spitze hakt, und ein Grat bremst.',
  },
  wipe_filings: {
    title: 'Feilspäne abwischen',
    tool: 'Feuchtes Tuch und Bürste',
    what: 'Kanten, Belag und Tisch, jeder Zug mit einer sauberen Seite des Tuchs. Das Tuch wegwerfen.',
    doneWhen: 'Ein Finger an der Kante bleibt sauber.',
    reason: 'Stahlspäne unter Bürste oder Klinge zerkratzen den Belag.',
  },
  release_clamp: {
    title: 'Die mittlere Klemme öffnen',
    tool: 'Spannvorrichtung',
    what: 'Der Ski liegt vorn und hinten auf, und die Klemme hält ihn nicht mehr.',
    doneWhen: 'Der Ski kann sich frei biegen.',
    reason: 'Fest eingespannt verbiegt sich ein Ski unter dem Eisen und kann sich lösen.',
  },
  sharpen_scraper: {
    title: 'Die Klinge schärfen',
    tool: 'Klingenschärfer oder Feile',
    what: 'Die Kante gerade und rechtwinklig ziehen. Für jeden Ski neu schärfen.',
    doneWhen: 'Sie hebt vom Fingernagel einen dünnen Span.',
    reason: 'Eine stumpfe Klinge drückt das Wachs, statt es zu schneiden.',
  },
  to_grinder: {
    title: 'Das Paar zum Schleifen bringen',
    tool: 'Steinschleifmaschine',
    what: 'Vorher keine Arbeit an Kanten und Belag. Sagen, wie fein die Struktur sein soll. Danach „Neu oder frisch geschliffen“ nehmen.',
    doneWhen: 'Ein Haarlineal zeigt am Belag kein Licht.',
    reason: 'Ist der Belag nicht plan, erreichen Klinge, Bürste und Struktur die Mulden nicht.',
  },
  clean_liquid: ({ isTwice }) => ({
    title: 'Flüssig reinigen',
    tool: 'Reiniger, Tuch, weiche Bürste',
    what: `Mit dem Tuch auftragen, 10 bis 15 min einwirken lassen, abwischen${isTwice ? '. Zweimal: der Belag ist schmutzig' : ''}. Deckel zu.`,
    doneWhen: 'Ein weißes Tuch bleibt weiß.',
    reason: 'Altes Wachs und Schmutz halten neues Wachs draußen.',
  }),
  brush_new_base: ({ isAgain }) => ({
    title: isAgain ? 'Noch einmal feine Stahlbürste' : 'Feine Stahlbürste',
    tool: 'Feine Stahlbürste',
    what: EDGE_DUST,
    doneWhen: 'Am Wattepad bleibt nichts hängen.',
    reason: isAgain ? 'Sie räumt die gekappten Haare weg.' : 'Sie hebt, was der Stein stehen ließ.',
  }),
  abrasive_pad: {
    title: 'Schleifvlies',
    tool: 'Feines Schleifvlies',
    what: EDGE_DUST,
    doneWhen: 'Am Wattepad bleibt nichts hängen.',
    reason: 'Es kappt die abstehenden Haare.',
  },
  open_structure: ({ brush }) => ({
    title: `Struktur öffnen: ${BRUSH[brush]}`,
    tool: capital(BRUSH[brush]),
    what: 'Nur von der Spitze zum Ende, kräftig, dann den Staub abwischen.',
    doneWhen: 'Der Belag ist matt und gleichmäßig, die Linien sind klar.',
    reason:
      brush === 'steel' ? 'Saubere Linien nehmen Wachs.' : 'Kalter, feiner Schnee: Messing genügt.',
  }),
  sprinkle: (work) => ({
    title: `${work.product} auftragen`,
    tool: 'Pulverstreuer',
    what: `${grams(work.grams)} gleichmäßig streuen: ${where(work)}.`,
    doneWhen: NO_BARE,
    reason: FIRST_HEAT,
  }),
  drip: (work) => {
    const drops = work.isWide
      ? 'in einem S aus Tropfen, erst die eine Hälfte des Belags, dann die andere'
      : 'alle 1–2 cm ein Tropfen';
    return {
      title: `${work.product} auftragen`,
      tool: 'Block und Eisen, auseinandergehalten',
      what: work.isRubbedFirst
        ? `Dünn anreiben: ${where(work)}. Dann auftropfen: ${drops}.`
        : `Auftropfen, ${drops}: ${where(work)}.`,
      doneWhen: NO_BARE,
      reason: work.isRubbedFirst ? FIRST_HEAT : 'Das genügt, wenn die Tropfen dicht liegen.',
    };
  },
  edge_strip: (work) => ({
    title: `${work.product} entlang der Kanten`,
    tool: 'Pulverstreuer',
    what: `${grams(work.grams)} als Streifen von einem Zentimeter an beiden Kanten unter dem Fuß, auf einen dünnen Wachsfilm.`,
    doneWhen: NO_BARE,
    reason: 'Harter Schnee verbrennt den Belag dort zuerst.',
  }),
  iron: (work) => ({
    title: `${work.product} einbügeln`,
    tool: work.isHouseholdIron ? 'Bügeleisen' : 'Wachseisen',
    what: [
      work.isPowder
        ? 'Das Pulver andrücken, dann von der Spitze zum Ende, ein gleichmäßiger Zug nach dem anderen.'
        : work.isTipToTailOnly
          ? 'Von der Spitze zum Ende, ein gleichmäßiger Zug nach dem anderen.'
          : 'Erst die Tropfen verteilen, dann von der Spitze zum Ende, ein gleichmäßiger Zug nach dem anderen.',
      'Nie stehen bleiben.',
      work.isWide ? 'Erst die eine Hälfte des Belags, dann die andere.' : '',
      work.isOtherInRests ? 'Den anderen Ski auf den Auflagen bügeln.' : '',
    ]
      .filter(Boolean)
      .join(' '),
    doneWhen: TRAIL,
    reason: 'Wachs geht nur in den Belag, solange es flüssig ist.',
  }),
  dab: ({ product }) => ({
    title: `${product} andrücken`,
    tool: 'Wachseisen',
    what: 'Das Eisen aufs Pulver setzen, heben, weitersetzen. Nicht schieben.',
    doneWhen: 'Das Pulver haftet überall und fliegt nicht.',
    reason: 'Ein bewegtes Eisen schöbe das lose Pulver vom Belag.',
  }),
  iron_halves: ({ product, isSecond, isStrip }) => ({
    title: isSecond ? `${product} ein zweites Mal einbügeln` : `${product} einbügeln`,
    tool: 'Wachseisen, das die Temperatur hält',
    what: `${isStrip ? 'Mit einer Kante des Eisens entlang der einen Skikante, dann der anderen.' : 'Mit einer Kante des Eisens über die eine Hälfte des Skis, dann die andere.'} Zügig, ruhig, nie zurück. Es muss nicht perfekt aussehen.`,
    doneWhen:
      'Hinter dem Eisen glänzt es kurz auf, und die Oberseite des Skis ist höchstens handwarm.',
    reason: isSecond
      ? 'Was die Bürste gehoben hat, schmilzt jetzt ein.'
      : 'Kurze Hitze schmilzt das Pulver und schont den Belag. Nur auf einem Belag mit hartem Wachs.',
  }),
  brush_up: {
    title: 'Das Pulver aufbürsten',
    tool: 'Harte Nylonbürste',
    what: 'Kurze, schnelle Züge hin und her, dann längs abwischen.',
    doneWhen: 'Der Film ist rau und gleichmäßig.',
    reason: 'Das verteilt, was noch nicht geschmolzen ist, für den zweiten Durchgang.',
  },
  scrape_lightly: {
    title: 'Ganz leicht abziehen',
    tool: 'Scharfe Plexiklinge, 4–5 mm',
    what: 'Ein oder zwei Züge ohne Druck, von der Spitze zum Ende. Den Rest machen die Bürsten.',
    doneWhen: 'Die Krümel sind weg, der Film ist noch da.',
    reason: 'Der Film ist dünn und hart: eine feste Klinge reißt ihn heraus.',
  },
  spread_for_box: (work) => ({
    title: `${work.product} dick auftragen`,
    tool: 'Block und Eisen, auseinandergehalten',
    what: `Einen dicken, gleichmäßigen Auftrag anreiben und auftropfen: ${where(work)}. Nicht abziehen.`,
    doneWhen: 'Der Belag ist überall bedeckt.',
    reason: 'Der Schrank kann nur einziehen lassen, was auf dem Belag liegt.',
  }),
  box: ({ product, boxC, hours }, write) => ({
    title: `Wärmeschrank, ${write.temperature(boxC, 0)} für ${plain(hours)} h`,
    tool: 'Wärmeschrank',
    what: `Beläge nach oben, nichts berührt sich. Der Schrank auf ${write.temperature(boxC, 0)}, so warm, wie ${product} schmilzt, und nicht wärmer.`,
    doneWhen: 'Das Wachs ist eingezogen, matte Stellen zeigen, wo der Belag getrunken hat.',
    reason:
      'Stunden milder Wärme füllen einen Belag wie fünf eingebügelte Aufträge, ohne ein Eisen.',
  }),
  iron_through_sheet: ({ product }) => ({
    title: `${product} durch eine Folie einbügeln`,
    tool: 'Wachseisen und PTFE-Folie',
    what: 'Die Folie zwischen Eisen und Belag legen. Ein langsamer Zug. Ein kreidiges Aussehen ist normal: nicht abziehen.',
    doneWhen: 'Der Film ist überall von milchig zu klar oder kreidig geworden.',
    reason: 'Hitze bindet den Film, so hält er länger.',
  }),
  warm_edges: {
    title: 'Die Kanten warm abziehen',
    tool: 'Plexiklinge',
    what: 'Wachs von Stahlkanten und Seitenwangen nehmen, solange es weich ist.',
    doneWhen: 'Die Kanten sind sauber, und kein Wachs steht über.',
    reason: 'Kaltes Wachs platzt dort ab. Warmes schält sich.',
  },
  warm_groove: {
    title: 'Rille und Seitenwangen warm abziehen',
    tool: 'Rillenklinge',
    what: 'Die Rille räumen, eine Hand über dem Werkzeug, dann die Seitenwangen.',
    doneWhen: 'Rille und Seitenwangen sind sauber, und kein Wachs steht über.',
    reason: 'Kaltes Wachs platzt dort ab. Warmes schält sich.',
  },
  hot_scrape: ({ purpose }) => ({
    title: 'Warm abziehen',
    tool: 'Plexiklinge',
    what: 'Gleich nach dem Eisen, von der Spitze zum Ende. Mit neuem Wachs wiederholen, bis die Späne sauber sind.',
    doneWhen:
      purpose === 'clean'
        ? 'Die Späne kommen sauber herunter.'
        : 'Die Farbe ist gleichmäßig, nichts Graues mehr.',
    reason:
      purpose === 'clean'
        ? 'Warmes, weiches Wachs trägt den Schmutz heraus.'
        : 'Weiches Wachs öffnet den Belag. Hartes folgt.',
  }),
  sponge_on: (work) => ({
    title: `${work.product} auftragen`,
    tool: 'Schwamm',
    what: `Die Flasche schütteln. Mit dem Schwamm in Stücken von 15 bis 20 cm auftragen: ${where(work)}. Flasche schließen.`,
    doneWhen: WET_FILM,
    reason: 'Deckt in einem Zug, mit wenig Verlust.',
  }),
  brush_on_and_cork: (work) => ({
    title: `${work.product} auftragen`,
    tool: 'Pinsel und Kork',
    what: `Die Flasche schütteln. 15 bis 20 cm aufpinseln, sofort korken, dann die nächsten 15 bis 20 cm: ${where(work)}. Flasche schließen.`,
    doneWhen: 'Ein gleichmäßiger Film, keine Pfützen, keine matten Stellen.',
    reason: 'Der Kork arbeitet den Film ein, bevor er anzieht.',
  }),
  cork_film: ({ product }) => ({
    title: `${product} korken`,
    tool: 'Kunst- oder Naturkork',
    what: 'Kräftige, schnelle Züge von der Spitze zum Ende, bis der Kork warm wird.',
    doneWhen: 'Der Film ist von milchig zu klar geworden.',
    reason: 'Die Reibungswärme bindet den Film an den Belag.',
  }),
  rub_on: (work) => ({
    title: `${work.product} anreiben`,
    tool: 'Block',
    what: `Einen dünnen, gleichmäßigen Film anreiben: ${where(work)}.`,
    doneWhen: 'Der Belag ist überall matt.',
    reason: 'Ohne Eisen bleibt das Wachs obenauf: es wirkt eine kurze Zeit.',
  }),
  wipe_on: (work) => ({
    title: `${work.product} auftragen`,
    tool: 'Tuch',
    what: `Dünn aufwischen: ${where(work)}.`,
    doneWhen: WET_FILM,
    reason: 'Deckt in einem Zug, mit wenig Verlust.',
  }),
  roll_top: (work) => ({
    title: `Finish: ${work.product}`,
    tool: 'Wollrolle',
    what: `${work.isBlock ? `Eine dünne Spur anreiben: ${where(work)}. Dann die kurzhaarige Rolle` : `Die Flasche schütteln und einen dünnen Film auftragen: ${where(work)}. Trocknen lassen, dann die langhaarige Rolle`}, von der Spitze zum Ende, leicht, zum Skiende drehend.`,
    doneWhen: 'Ein dünner, gleichmäßiger Film. Zwei Schichten genügen meist.',
    reason: work.isBlock
      ? 'Kurzes Haar macht etwas Wärme, und der Block braucht sie.'
      : 'Langes Haar poliert Flüssiges ohne Wärme.',
  }),
  sponge_top: (work) => ({
    title: `Finish: ${work.product}`,
    tool: 'Schwamm',
    what: `Die Flasche schütteln. Einen dünnen Film auftragen: ${where(work)}. Flasche schließen.`,
    doneWhen: 'Ein dünner, gleichmäßiger Film. Zwei Schichten genügen meist.',
    reason: 'Auf Neuschnee wirkt Flüssiges am besten.',
  }),
  polish_top: {
    title: 'Das Finish polieren',
    tool: 'Weiche Nylonbürste oder Kork',
    what: 'Von der Spitze zum Ende, leicht, ohne Druck.',
    doneWhen: 'Ein gleichmäßiger Glanz.',
    reason: 'Ein dünner Film ist schnell. Ein dicker nicht.',
  },
  brush: ({ brush, isMetal, isRotary }) => ({
    title: `Bürsten: ${BRUSH[brush]}`,
    tool: isRotary ? `Rotor, ${BRUSH[brush]}` : capital(BRUSH[brush]),
    what: isMetal
      ? METAL_ONE_WAY
      : isRotary
        ? 'Zum Skiende drehen, vom Gesicht weg. Das Gewicht der Bürste ist Druck genug. Langsam von der Spitze zum Ende.'
        : 'Lange Züge von der Spitze zum Ende, kurze schnelle, wo noch Wachs zu sehen ist.',
    doneWhen: 'Kein Staub mehr. Gegen das Licht ist die Struktur frei von Wachs.',
    reason: isMetal
      ? 'Sie holt Wachs aus der Struktur.'
      : 'Sie nimmt, was die Bürste davor gelassen hat.',
  }),
  scrape: ({ isBare, hasEdges }) => ({
    title: 'Abziehen',
    tool: 'Scharfe Plexiklinge, 4–5 mm',
    what: `${hasEdges ? 'Von der Spitze zum Ende,' : 'Erst die Rille, dann'} ${
      isBare
        ? 'lange, leichte Züge mit leicht geneigter Klinge, bis der Belag blank ist.'
        : 'ein paar leichte Züge. Den Rest machen die Bürsten.'
    }`,
    doneWhen: isBare
      ? 'Keine weißen Stellen. Am Handrücken fühlt er sich blank an.'
      : 'Das Wachs ist dünn und gleichmäßig.',
    reason: isBare ? 'Wachs, das oben bleibt, bremst nur.' : 'Das schont die Struktur.',
  }),
  cool: ({ isColdRoom, isHard }) => ({
    title: 'Abkühlen',
    tool: 'Ständer',
    what: isColdRoom
      ? 'In der wärmsten Ecke abkühlen lassen, nicht in der Tür. Hartes Wachs platzt im Frost ab.'
      : `In den Ständer stellen, Belag frei, bis er so kühl ist wie der Raum.${isHard ? ' Nie in die eisige Tür: hartes Wachs platzt dort ab.' : ''}`,
    doneWhen: 'Der Handrücken spürt keine Wärme.',
    reason: 'Wachs setzt sich beim Abkühlen weiter. Warmes schmiert unter der Klinge.',
  }),
  cool_klister: {
    title: 'Abkühlen',
    tool: 'Ständer',
    what: 'Nach draußen stellen, Belag frei, bis er so kalt ist wie der Schnee.',
    doneWhen: 'Er zieht am Finger keine Fäden mehr.',
    reason: 'Warmer Klister nimmt Schnee auf und vereist.',
  },
  cool_grip: {
    title: 'Das Steigwachs kühlen',
    tool: 'Ständer draußen',
    what: 'Das Paar nach draußen stellen, Beläge frei, bis sie so kalt sind wie der Schnee.',
    doneWhen: 'Die Zone ist hart, der Finger lässt keinen Abdruck.',
    reason: 'Warmes Steigwachs nimmt Schnee auf und vereist.',
  },
  flash_off: {
    title: 'Das Lösungsmittel ablüften',
    tool: 'Ständer',
    what: 'In bewegter Luft stehen lassen, Flaschen zu, bis kein Lösungsmittel mehr da ist.',
    doneWhen: 'Kein Geruch, kein feuchter Glanz.',
    reason: 'Lösungsmittel im Belag hält Wachs draußen, und es brennt.',
  },
  dry_film: {
    title: 'Trocknen lassen',
    tool: 'Ständer',
    what: 'Stehen lassen, bis der Film milchig und trocken ist.',
    doneWhen: 'Er ist milchig und schmiert nicht.',
    reason: 'Ein nasser Film wischt sich ab, statt zu halten.',
  },
  zone_ready: (work) => ({
    title: 'Die Steigzone vorbereiten',
    tool: 'Klinge und feines Schleifpapier',
    what: `Altes Wachs abziehen, die Zone ${zone(work)} markieren, leicht anschleifen.`,
    doneWhen: 'Matt, sauber und an beiden Enden markiert.',
    reason: 'Steigwachs hält auf angerautem Belag.',
  }),
  grip_off: ({ hasCleaner }) => ({
    title: 'Steigwachs und Klister entfernen',
    tool: hasCleaner ? 'Klinge, Reiniger, Tuch' : 'Klinge und Tuch',
    what: `Die Zone abziehen, auch die Rille${hasCleaner ? ', den Rest mit Reiniger auf dem Tuch' : '. Warmluft macht Klister weich'}. Das Tuch nach draußen legen.`,
    doneWhen: 'In der Zone klebt nichts am Finger.',
    reason: 'Klister läuft in einem warmen Sommer über den ganzen Ski.',
  }),
  crayon: (work) => ({
    title: `${work.product}: ${work.layers === 1 ? 'eine Schicht' : `${work.layers} Schichten`}`,
    tool: 'Steigwachs aus der Dose',
    what: `Dünn auftragen ${zone(work)}. Jede Schicht glätten, dann die nächste.`,
    doneWhen: 'Gleichmäßige Farbe über die ganze Zone.',
    reason: 'Mehrere dünne Schichten halten länger als eine dicke.',
  }),
  cork: ({ product }) => ({
    title: `${product} korken`,
    tool: 'Kunstkork',
    what: 'Jede Schicht glätten, leicht und schnell. Die Rille frei halten.',
    doneWhen: 'Glatt und dünn, keine Kanten an den Enden.',
    reason: 'Dünne, glatte Schichten halten und gleiten. Eine dicke tut keines von beiden.',
  }),
  spread_klister: (work) => ({
    title: `${work.product} verteilen`,
    tool: 'Tube und Spachtel',
    what: `Die Tube in der Hand oder mit Warmluft wärmen. Kurze Striche auf jeder Seite der Rille ${zone(work)}, dünn verstreichen.`,
    doneWhen: 'Ein dünner, gleichmäßiger Film, die Rille ist frei.',
    reason: 'Nur Klister hält auf nassem, grobem Schnee, Harsch und Eis.',
  }),
  clear_pattern: {
    title: 'Die Schuppen säubern',
    tool: 'Harte Nylonbürste',
    what: 'Reste längs und quer aus den Schuppen bürsten. Nie Klinge oder Eisen darauf.',
    doneWhen: 'Die Stufen sind scharf und sauber.',
    reason: 'Reste vereisen in nassem Neuschnee, und heißes Wachs setzt die Schuppen zu.',
  },
  pattern_liquid: ({ product }) => ({
    title: `${product} auf die Schuppen`,
    tool: 'Schwamm',
    what: 'Einen dünnen Film gegen Vereisen in die Stufen arbeiten. Flasche schließen.',
    doneWhen: 'Ein feuchter Glanz, keine Pfützen in den Stufen.',
    reason: 'Trockene Schuppen vereisen in nassem Neuschnee.',
  }),
  skin_care: ({ product }) => ({
    title: 'Das Fell reinigen und pflegen',
    tool: 'Tuch',
    what: `${product} auf ein Tuch, mit dem Strich, von der Spitze zum Ende. Heißes Wachs und Belagreiniger vom Fell fernhalten.`,
    doneWhen: 'Das Haar liegt flach und dunkel, und kein Gleitwachs steckt darin.',
    reason: 'Schmutz und altes Wachs lassen ein Fell bremsen. Ein trockenes vereist.',
  }),
  cover_skin: {
    title: 'Das Fell abnehmen oder abdecken',
    tool: 'Klebeband und Papier',
    what: 'Das Fell abheben, wo es sich lösen lässt. Sonst mit Papier und Band über beide Enden hinaus abdecken.',
    doneWhen: 'Kein Haar ist zu sehen, das Band liegt flach auf dem Belag.',
    reason: 'Hitze schmilzt den Kleber, und Wachs und Reiniger verderben das Haar.',
  },
  uncover_skin: {
    title: 'Das Fell freilegen',
    tool: 'Keines',
    what: 'Das Band langsam abziehen oder das Fell wieder einsetzen.',
    doneWhen: 'Das Fell liegt flach, ohne Kleber- oder Wachsreste.',
    reason: 'Der Staub von Wachs und Bürsten bleibt auf dem Papier.',
  },
  press_rills: ({ widthMm }) => ({
    title: `Struktur pressen, ${plain(widthMm, 2)} mm`,
    tool: 'Strukturgerät',
    what: 'Von der Spitze zum Ende mit gleichmäßigem Druck, nur in den Gleitzonen. Eine Plexiklinge glättet sie wieder.',
    doneWhen: 'Gleichmäßige Linien gegen das Licht.',
    reason: 'Wasser muss ablaufen. Ein glatter Belag saugt sich an nassem Schnee fest.',
  }),
  leave_on: ({ hasEdges }) => ({
    title: 'Das Wachs darauf lassen',
    tool: 'Trockener, dunkler Ort',
    what: `Nicht abziehen.${hasEdges ? ' Wachs auch über die Kanten.' : ''} Die Bänder lösen, kein Gewicht auf die Spannung.`,
    doneWhen: hasEdges
      ? 'Belag und Kanten sind überall bedeckt.'
      : 'Der Belag ist überall bedeckt.',
    reason: hasEdges
      ? 'Ein bedeckter Belag trocknet nicht aus, bedeckte Kanten rosten nicht.'
      : 'Ein bedeckter Belag trocknet über den Sommer nicht aus.',
  }),
  last_look: {
    title: 'Am Belag entlangschauen',
    tool: 'Licht von hinten',
    what: 'Seitenwangen und Kanten sauber, Beläge nicht aneinander, Bänder darum.',
    doneWhen: 'Kein Wachs in der Struktur, keines an den Seitenwangen.',
    reason: 'Ein Fehler jetzt kostet eine Minute. Am Start kostet er das Rennen.',
  },
};

export const steps: WordsAt<'steps'> = {
  stepWords(work: StepWork, write: Writer): StepWords {
    const entry = STEP[work.code] as StepWords | ((work: StepWork, write: Writer) => StepWords);
    return typeof entry === 'function' ? entry(work, write) : entry;
  },
};
