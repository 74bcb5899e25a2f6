import { resultsInWords } from '../choice';
import type { WordsAt } from '../../language';
import { plain } from '../../quantities';

interface LearnedWords {
  shift: string;
  tests: number;
  outcomes: number;
  /** What would be best without learning, where it is another wax. */
  insteadOf: string | undefined;
}

export const pick: WordsAt<'screens/pick'> = {
  pickWax: {
    theStartLiesOutsideThe: 'Der Start liegt außerhalb der Zeit, die das Wetter abdeckt.',
    allWeightsAre0Give: 'Alle Gewichte sind 0. Mindestens eines über 0 angeben.',
    theShelfIsEmptyGive: 'Das Regal ist leer. Produkte angeben oder Wachse ins Regal aufnehmen.',
  },
  saveChoice: {
    outing: 'Einsatz',
    reading: 'Messung',
    product: 'Produkt',
    takeAProduct: 'Ein Produkt wählen.',
    start: 'Start',
    startIsMissing: 'Start fehlt.',
    basis: 'Grundlage',
    chooseWhatTheSnowIs: 'Zwischen Vorschau und Messung wählen.',
    correctionByHand: 'Korrektur von Hand',
    correctionIsMissing: 'Korrektur fehlt.',
    stateOfTheBase: 'Zustand des Belags',
    reason: 'Grund',
    note: 'Notiz',
    thisOutingIsGoneChoose: 'Diesen Einsatz gibt es nicht mehr. Einen anderen wählen.',
    thatReadingWasCorrectedMeanwhile:
      'Diese Messung wurde inzwischen berichtigt. Neu laden, um die neue zu sehen.',
    thereIsNoWeatherFor: 'Für den Start gibt es kein Wetter. Stattdessen die Messung nehmen.',
    thatProductIsNoLonger: 'Dieses Produkt ist nicht mehr im Regal. Ein anderes wählen.',
    sayWhyYouTakeInstead: (name: string, name2: string) =>
      `Sagen, warum du ${name} statt ${name2} wählst.`,
  },
  actions: {
    thisOutingIsGoneChoose: 'Diesen Einsatz gibt es nicht mehr. Einen anderen wählen.',
  },
  outingFactsForm: {
    discipline: 'Disziplin',
    purpose: 'Zweck',
    distance: 'Distanz',
    start: (timeZone: string) => `Start (${timeZone})`,
    hoursOnSnow: 'Stunden auf Schnee',
    emptyAboutHFromThe: (estimatedHours: string) =>
      `Leer lassen für etwa ${estimatedHours} h, nach der Distanz`,
    legacyFluorocarbons: 'Altes Fluor',
    excluded: 'Ausgeschlossen',
    allowedPrivateUse: 'Erlaubt (privat)',
  },
  usePick: {
    start: 'Start',
    startIsMissing: 'Start fehlt.',
    correction: 'Korrektur',
    enterACorrectionOr0: 'Eine Korrektur eingeben, oder 0.',
    reason: 'Grund',
    note: 'Notiz',
  },
  wallText: {
    feedTheBase: 'Belag pflegen',
    alongTheEdges: 'Entlang der Kanten',
    beneath: 'Darunter',
    waxOfTheDay: 'Wachs des Tages',
    wax: 'Wachs',
    snow: 'Schnee',
    asksForAWaxOf: (temperatureC: string, equivalentTemperatureC: string) =>
      `${temperatureC}. Verlangt ein Wachs für ${equivalentTemperatureC}`,
    overruled: 'Anstelle von',
    reason: (insteadOf: string, reason: string) => `${insteadOf}. Grund: ${reason}`,
    form: 'Form',
    structure: 'Struktur',
    mm: (structureword: string, widthMm: number, how: string) =>
      `${structureword}, ${plain(widthMm, 2)} mm. ${how}`,
    brushes: 'Bürsten',
    expectedLoss: 'Erwarteter Verlust',
    aboutBest: (percent: string, seconds: string, best: string) =>
      `${percent} %${seconds}, Bestes im Regal mit ${best}`,
    about: (seconds: string) => `, etwa ${seconds}`,
    by: (label: string, label2: string) => `${label}, ${label2}`,
    byStart: 'Beim Start',
    mind: 'Achtung',
    note: 'Notiz',
    start: (name: string, name2: string, start: string) => `${name}, ${name2}, Start ${start}`,
    onTop: 'Obenauf',
  },
  howPart: {
    feedTheBase: 'Belag pflegen',
    alongTheEdges: 'Entlang der Kanten',
    beneath: 'Darunter',
    waxOfTheDay: 'Wachs des Tages',
    dryPlaces: 'trockene Stellen',
    aNewGrind: 'einen neuen Schliff',
    burntEdges: 'verbrannte Kanten',
    baseOfTheSkis: 'Belag der Ski',
    itsOwnJobSheetMinds: '. Das übernimmt das eigene Arbeitsblatt.',
    theLookOverFoundOn: (seenword: string, names: string, value: string) =>
      `Die Belagkontrolle fand ${seenword} an ${names}${value}`,
    oneCoat: 'ein Auftrag',
    coats: (coats: number) => `${plain(coats)} Aufträge`,
    notOnTheShelf: 'Nicht im Regal',
    form: 'Form',
    structure: 'Struktur',
    theWayWeWork: 'Unsere Arbeitsweise',
    setTheTeamsOwnWays: 'Ändern, wie das Team arbeitet',
    oneWaxServesTheWhole: 'Ein Wachs genügt für die ganze Zeit auf Schnee.',
    oneWaxForAllCosts: 'Ein Wachs für alles kostet',
    giveEachStartItsOwn: 'jedem Start ein eigenes Wachs geben, wenn es geht.',
    notWorthTheChange: 'das ist keinen Wechsel wert.',
    overTheBestAtEach: (value: string) => `mehr als das jeweils beste Wachs: ${value}`,
    aBlendBeatsTheShelf: (gainPercent: string, parts: number) =>
      `Eine Mischung schlägt das Regal um ${gainPercent}: ${plain(parts)} Teile `,
    toOf: (parts: number) => `zu ${plain(parts)} `,
    byMass: 'nach Gewicht.',
    nothing: 'nichts',
    onTop: 'Obenauf',
  },
  lossChart: {
    expectedGlideLossInPer: (curves: string, fixed: string, units: string) =>
      `Erwarteter Gleitverlust in Prozent gegen die Äquivalenttemperatur für ${curves}; heute ${fixed} ${units}.`,
    equivalentTemperature: (units: string) => `Äquivalenttemperatur (${units})`,
    expectedGlideLoss: 'Erwarteter Gleitverlust (%)',
    today80Band: (today: string) => `heute ${today} (80-%-Band)`,
    theSameAsATable: 'Dasselbe als Tabelle',
    expectedLossInPerCent: 'Erwarteter Verlust in Prozent nach Äquivalenttemperatur',
    equivalent: (units: string) => `Äquivalent (${units})`,
  },
  regretPart: {
    colder: (degrees: string) => `${degrees} kälter`,
    asLikely: 'Wie erwartet',
    warmer: (degrees: string) => `${degrees} wärmer`,
    drierAir: 'Trockenere Luft',
    moister: 'Feuchter',
    lossOverTheBestWax: 'Mehrverlust gegen das beste Wachs, wenn der Tag anders wird',
    overTheBestWaxOf: (regretPercent: string) =>
      `Gegen das beste Wachs jenes Tages. Den Schnee genau zu kennen, würde im Mittel ${regretPercent} sparen.`,
    goingByTheAirWould: (air: string) => `Nach der Luft (${air}) fiele die Wahl gleich aus.`,
    goingByTheAirWouldChoose: (air: string) => `Nach der Luft (${air}) fiele die Wahl auf`,
    expectedLoss: ': erwarteter Verlust ',
    insteadOf: (expectedLossPercent: string) => `statt ${expectedLossPercent}.`,
    ifTheDayIs: 'Wenn der Tag wird',
    best: 'am besten',
  },
  whatIf: {
    wetter: (steps: number) => `${plain(steps)} nasser`,
    drier: (steps: number) => `${plain(steps)} trockener`,
    asItIs: 'keine Änderung',
    slideAConditionTheAnswer:
      'Einen Regler schieben, und die Antwort oben ändert sich. Nichts hier wird gespeichert.',
    snowTemperature: 'Schneetemperatur',
    humidity: 'Luftfeuchte',
    sharpnessOfTheGrain: 'Schärfe des Korns',
    wetnessStepsOfTheSnowball: 'Nässe, Stufen der Schneeballprobe',
    backToTheDayAs: 'Regler zurücksetzen',
  },
  pickScreen: {
    learned: ({ shift, tests, outcomes, insteadOf }: LearnedWords) =>
      `Gelernt: ${shift}, aus ${resultsInWords(tests, outcomes)}. ${insteadOf ? `Ohne das: ${insteadOf}.` : 'Ohne das bleibt die Wahl gleich.'}`,
    whichWax: 'Welches Wachs?',
    measureTheSnowFirst: 'Erst den Schnee messen.',
    aChoiceStandsOnA:
      'Eine Wahl braucht eine Messung oder eine Vorschau. Dieser Einsatz hat beides nicht.',
    takeAReading: 'Eine Messung machen',
    theShelfIsEmpty: 'Das Regal ist leer.',
    thereIsNothingToChoose:
      'Es gibt nichts zu wählen. Mindestens ein Gleitwachs ins Regal aufnehmen.',
    goToTheShelf: 'Zum Regal',
    howToPutItOn: 'So wird aufgetragen',
    whyThisTemperature: 'Warum diese Temperatur',
    mendTheMarkedFieldsTo: 'Die markierten Felder berichtigen, um die Gründe zu sehen.',
    yourOwnCorrection: 'Eigene Korrektur',
    addedToTheSumUp: (mostOwnK: string) =>
      `Kommt zur Summe, höchstens ${mostOwnK} nach oben oder unten`,
    theOuting: 'Der Einsatz',
    whatBeingWrongWouldCost: 'Was ein falsches Wachs kosten würde',
    whatIf: 'Was wäre, wenn',
    overTheTimeOnSnow: 'Während der Zeit auf Schnee',
    theShelfByExpectedLoss: 'Alle Wachse nach erwartetem Verlust',
    nothingOnTheShelfIs: 'Kein Wachs im Regal ist erlaubt.',
    fixTheMarkedFieldsBelow: 'Die markierten Felder unten berichtigen.',
    whatIf2: 'angenommen',
    costsAbout: 'Erwarteter Verlust etwa',
    overTheWay: (distance: string, lossP90Seconds: string) =>
      `auf ${distance}, in neun von zehn Fällen unter ${lossP90Seconds}.`,
    youOverrule: (name: string, seconds: string) =>
      ` Du hast es statt ${name} (${seconds}) gewählt.`,
    nextBest: 'Nächstbestes:',
    other: 'Bestes der anderen:',
    snowAtTheStart: 'Schnee auf der Strecke beim Start',
    equivalentTemperature: 'Äquivalenttemperatur',
    hardnessRelativeScale0100: 'Härte, relative Skala 0–100',
    structure: 'Struktur',
    mm: (structureword: string, widthMm: number) => `${structureword}, ${plain(widthMm, 2)} mm`,
    asksFor: (needs: string, additives: string) => `Verlangt ${needs}: ${additives}`,
    noAdditiveIsNeeded: 'Kein Zusatz nötig.',
    theOddsCountTheWeathers: (snow: string, model: string) =>
      `Die Chancen enthalten den Fehler des Wetters (± ${snow}) und den der Regeln selbst (± ${model}).`,
    theOddsCountTheSpread: (snow: string, model: string) =>
      `Die Chancen enthalten die Unsicherheit der Messung (± ${snow}) und den Fehler der Regeln selbst (± ${model}).`,
    takeTheSnowFrom: 'Den Schnee nehmen aus',
    outlookAtTheStart: 'Vorschau für den Start',
    lastReading: 'Letzte Messung',
    grainNotSeen: 'Korn nicht gesehen',
    guessed: 'Geschätzt',
    seen: 'Gesehen',
    choiceSavedItStandsIn: 'Wahl gespeichert. Das Logbuch behält sie, wie sie jetzt ist.',
    whyInsteadOf: (name: string, name2: string) => `Warum ${name} statt ${name2}`,
    noteForTheLog: 'Notiz fürs Logbuch',
    saving: 'Wird gespeichert…',
    saveThisChoice: 'Wahl speichern',
    wallSheet: 'Aushang',
    toTheLog: 'Zum Logbuch',
    aWhatIfIsNot: 'Ein „Was wäre, wenn“ lässt sich nicht speichern. Erst die Regler zurücksetzen.',
  },
  wallSheet: {
    wallSheet: 'Aushang',
    noChoiceIsSavedYet: 'Noch keine Wahl gespeichert.',
    chooseTheWaxFirst: 'Erst das Wachs wählen',
    copiedAsText: 'Als Text kopiert.',
    thisBrowserDoesNotLet:
      'Dieser Browser erlaubt kein Kopieren. Den Text markieren und von Hand kopieren.',
    start: (name: string, name2: string, start: string) => `${name}, ${name2}, Start ${start}`,
    print: 'Drucken',
    copyAsText: 'Als Text kopieren',
    backToTheChoice: 'Zurück zur Wahl',
    savedModelLabelsLocalCodes: (createdAt: string, modelVersion: string) =>
      `Gespeichert ${createdAt}, Modell ${modelVersion}. Etiketten, örtliche Regeln und Fachkunde gehen vor.`,
  },
};
