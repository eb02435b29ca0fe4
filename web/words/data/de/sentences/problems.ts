import type * as English from '../../en/sentences/problems';

export const problemsSentences: typeof English.problemsSentences = {
  theServerDoesNotAnswer:
    'Der Server antwortet nicht. Deine Arbeit bleibt in diesem Browser; starte New Crumb neu, und sie wird gespeichert.',
  anotherTabHasChangedThis: 'Ein anderer Tab hat diese Formel inzwischen geändert.',
  thisFormulaIsNotHere: 'Diese Formel ist nicht hier. Vielleicht wurde sie gelöscht.',
  thisVersionIsNotKnown: 'Diese Version ist nicht bekannt. Wähl eine aus der Reihe der Formel.',
  somethingInItCannotBe: (a) => `Etwas darin kann nicht gespeichert werden: ${a.message}.`,
  itWasNotMadeHere:
    'Sie wurde nicht hier gemacht. Wähl eine Datei, die mit „In eine Datei sichern“ entstand.',
  itWasMadeByA: 'Sie entstand mit einer anderen Version von New Crumb, deren Dateien anders aufgebaut sind.',
  thisBackupIsIncompleteOr: 'Diese Sicherung ist unvollständig oder beschädigt. Versuch eine andere Kopie.',
  isInItTwiceTry: (a) => `${a.what} kommt zweimal darin vor. Versuch eine andere Kopie.`,
  itIsLargerThanCan: 'Sie ist größer, als hereinpasst. Bring sie in Teilen herein.',
  anotherFileIsBeingTaken: 'Gerade wird eine andere Datei hereingebracht. Warte, bis das fertig ist.',
  aVersionInItBelongs: 'Eine Version darin gehört hier zu einer anderen Formel.',
  thisCopyIsNotThere:
    'Diese Kopie ist nicht mehr da: vielleicht wurde sie in einem anderen Tab wieder aufgenommen.',
  theKitchenIsBeingChanged:
    'Die Küche wird gerade in anderen Tabs geändert. Mach deine Änderung noch einmal.',
  itWasChangedInAnother: 'Es wurde inzwischen in einem anderen Tab geändert.',
  theServerHasMuchTo: 'Der Server hat gerade viel zu tun. Versuch es gleich noch einmal.',
  theDiskIsFullNothing: 'Der Datenträger ist voll: nichts lässt sich mehr speichern, bis Platz ist.',
  theStoreWasStartedAgain: 'Der Speicher wurde neu gestartet. Versuch es noch einmal.',
  thePageComesFromAnother:
    'Die Seite kommt von einer anderen Adresse als der Server. Öffne New Crumb unter der Adresse, die er ausgibt.',
  whatWasSentDidNot: 'Was gesendet wurde, kam nicht ganz an. Versuch es noch einmal.',
  theFileDoesNotHang: (a) =>
    `Diese Sicherung ist unvollständig: ${a.what} nennt eine Version, die darin fehlt. Versuch eine andere Kopie.`,
  itIsNotInThe: 'Es ist nicht im Vorrat: vielleicht wurde es entfernt.',
  itWasChangedElsewhereIn:
    'Es wurde inzwischen anderswo geändert. Öffne es neu und mach deine Änderung dort.',
  itSpeaksOfWhichIs: (a) => `„${a.id}“ ist nicht mehr da. Wähl etwas anderes.`,
  aBlendCannotHoldAnother: 'Eine Mehlmischung kann keine andere enthalten. Nimm ihre Teile.',
  thisBakeDayIsNot: 'Dieser Backtag ist nicht mehr auf der Liste.',
  thisRunIsNotOn: 'Dieser Lauf ist nicht mehr auf der Liste.',
  thisTrialIsNotIn: 'Dieser Versuch ist nicht mehr im Backbuch.',
  thisExperimentIsNotIn: 'Diese Versuchsreihe ist nicht mehr im Backbuch.',
  thisTastingIsNotIn: 'Diese Verkostung ist nicht mehr im Backbuch.',
  thisPhotoIsNotHere: 'Dieses Foto ist nicht hier.',
  thisIsNoPhotoThat:
    'Das ist kein Foto, das gelesen werden kann. Nimm ein anderes auf, oder speichere es erst als JPEG.',
  thisWayIsNotOn: 'Dieser Ersatz ist nicht mehr auf der Liste.',
  thisEaterIsNotOn: 'Dieser Esser ist nicht mehr auf der Liste.',
  youAreSignedOut:
    'Du bist nicht mehr angemeldet. Was du eingegeben hast, steht noch hier; melde dich an, dann geht es weiter.',
  onlyTheOwnerMay: 'Das darf nur die Leitung der Küche.',
  helpersMayNot: 'Das dürfen Hilfen nicht. Frag jemanden, der backt.',
  thatIsTooMuchText: 'Das ist zu viel Text auf einmal. Teile ihn auf.',
  thisTookTooLongAnd: 'Das hat zu lange gedauert und wurde angehalten. Versuch es mit weniger Zeilen.',
  somethingFailedOnOurSide:
    'Auf unserer Seite ist etwas schiefgegangen. Nichts, was du eingegeben hast, ist verloren; versuch es noch einmal.',
};
