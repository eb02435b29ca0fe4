import type * as English from '../../en/sentences/problems';

export const problemsSentences: typeof English.problemsSentences = {
  theServerDoesNotAnswer:
    'Der Server antwortet nicht. Deine Arbeit ist in diesem Browser gespeichert; starte New Crumb neu, dann wird sie gesendet.',
  anotherTabHasChangedThis: 'Ein anderer Tab hat diese Formel inzwischen geändert.',
  thisFormulaIsNotHere: 'Diese Formel ist nicht hier. Vielleicht wurde sie gelöscht.',
  thisVersionIsNotKnown: 'Diese Version ist nicht bekannt. Wähl eine der Versionen dieser Formel.',
  somethingInItCannotBe: (a) => `Etwas darin kann nicht gespeichert werden: ${a.message}.`,
  itWasNotMadeHere:
    'Sie wurde nicht hier gemacht. Wähl eine Datei, die mit „In eine Datei sichern“ entstand.',
  itWasMadeByA: 'Sie entstand mit einer anderen Version von New Crumb, die ein anderes Dateiformat hat.',
  thisBackupIsIncompleteOr: 'Diese Sicherung ist unvollständig oder beschädigt. Versuch eine andere Kopie.',
  isInItTwiceTry: (a) => `${a.what} kommt zweimal darin vor. Versuch eine andere Kopie.`,
  itIsLargerThanCan: 'Sie ist zu groß zum Zurückholen. Hol sie in Teilen zurück.',
  anotherFileIsBeingTaken: 'Gerade wird eine andere Datei zurückgeholt. Warte, bis das fertig ist.',
  aVersionInItBelongs: 'Eine Version darin gehört hier zu einer anderen Formel.',
  thisCopyIsNotThere:
    'Diese Kopie ist nicht mehr da: vielleicht wurde sie in einem anderen Tab zurückgeholt.',
  theKitchenIsBeingChanged:
    'Die Küche wird gerade in anderen Tabs geändert. Mach deine Änderung noch einmal.',
  itWasChangedInAnother: 'Es wurde inzwischen in einem anderen Tab geändert.',
  theServerHasMuchTo: 'Der Server ist beschäftigt. Versuch es gleich noch einmal.',
  theDiskIsFullNothing:
    'Die Festplatte ist voll: es kann nichts mehr gespeichert werden, bis wieder Platz ist.',
  theStoreWasStartedAgain: 'Die Datenbank wurde neu gestartet. Versuch es noch einmal.',
  thePageComesFromAnother:
    'Die Seite kommt von einer anderen Adresse als der Server. Öffne New Crumb unter der Adresse, die er ausgibt.',
  whatWasSentDidNot: 'Was gesendet wurde, kam nicht vollständig an. Versuch es noch einmal.',
  theFileDoesNotHang: (a) =>
    `Diese Sicherung ist unvollständig: ${a.what} verweist auf eine Version, die fehlt. Versuch eine andere Kopie.`,
  itIsNotInThe: 'Es ist nicht im Vorrat: vielleicht wurde es entfernt.',
  itWasChangedElsewhereIn:
    'Es wurde inzwischen anderswo geändert. Öffne es neu und mach deine Änderung dort.',
  itSpeaksOfWhichIs: (a) => `„${a.id}“ ist nicht mehr da. Wähl eine andere Zutat.`,
  aBlendCannotHoldAnother: 'Eine Mehlmischung kann keine andere enthalten. Nimm ihre Teile.',
  thisBakeDayIsNot: 'Dieser Backtag ist nicht mehr auf der Liste.',
  thisRunIsNotOn: 'Dieser Backgang ist nicht mehr auf der Liste.',
  thisTrialIsNotIn: 'Dieser Versuch ist nicht mehr im Backtagebuch.',
  thisExperimentIsNotIn: 'Diese Versuchsreihe ist nicht mehr im Backtagebuch.',
  thisTastingIsNotIn: 'Diese Verkostung ist nicht mehr im Backtagebuch.',
  thisPhotoIsNotHere: 'Dieses Foto ist nicht hier.',
  thisIsNoPhotoThat:
    'Dieses Foto lässt sich nicht lesen. Nimm ein anderes auf, oder speichere es erst als JPEG.',
  thisWayIsNotOn: 'Dieser Ersatz ist nicht mehr auf der Liste.',
  thisEaterIsNotOn: 'Diese Person oder Gruppe ist nicht mehr auf der Liste.',
  youAreSignedOut:
    'Du bist nicht mehr angemeldet. Was du eingegeben hast, steht noch hier; melde dich an, dann geht es weiter.',
  onlyTheOwnerMay: 'Das darf nur die Leitung der Küche.',
  helpersMayNot: 'Das dürfen Hilfen nicht. Frag jemanden, der backt.',
  thatIsTooMuchText: 'Das ist zu viel Text auf einmal. Teile ihn auf.',
  thisTookTooLongAnd: 'Das hat zu lange gedauert und wurde angehalten. Versuch es mit weniger Zeilen.',
  somethingFailedOnOurSide:
    'Auf unserer Seite ist etwas schiefgegangen. Nichts, was du eingegeben hast, ist verloren; versuch es noch einmal.',
};
