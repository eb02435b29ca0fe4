import type * as English from '../en/versions';
import { rich } from '../../rich';

export const versionsWords: typeof English.versionsWords = {
  order: {
    asWritten: 'Original',
    asWrittenMended: 'Original, berichtigt',
  },
  nameVersion: {
    theNote: 'die Notiz',
    changed: (a) => `Geändert: ${a.name}`,
    nameAndNote: 'Name und Notiz',
    note: 'Notiz',
    name: 'Name',
    giveItANameSo: 'Gib einen Namen ein, der sie von den anderen unterscheidet.',
    notKept: 'Nicht gespeichert',
    keepNameAndNote: 'Name und Notiz speichern',
    cancel: 'Abbrechen',
  },
  compared: {
    theseVersionsCannotBeLaid: 'Diese Versionen konnten nicht verglichen werden',
    layingThemSideBySide: 'Die Versionen werden verglichen',
    against: (a) => rich`gegen ${a.names}`,
    versionsSideBySide: 'Versionen im Vergleich',
    mainPart: 'Hauptteil',
    linesThatMove: (a) => `${a.name}: geänderte Zeilen`,
    linesThatMove2: 'Geänderte Zeilen',
    balance: (a) => `${a.name}: Bilanz`,
    balance2: 'Bilanz',
    inTheOven: 'Im Ofen',
    heatAndTime: 'Temperatur und Zeit',
    notStated: 'nicht angegeben',
    tin: 'Form',
    theirLinesAreTheSame: 'Ihre Zeilen sind gleich.',
    aBalanceIsMarkedWhere: (a) =>
      rich`Eine Bilanz ist markiert, wo sie außerhalb des Zielbereichs liegt, den diese Art Gebäck um ${a.names} hat.`,
  },
  versionRow: {
    seeWhatEngineWithFigures: (a) =>
      `Neu berechnen mit Rechnung ${a.cOREVERSION} und Zahlen von ${a.dATAVERSION}`,
    workedOutWithEngineFigures: (a) =>
      rich`Berechnet mit Rechnung ${a.coreVersion}, Zahlen von ${a.dataVersion}${a.note}`,
    notStarred: 'Konnte keinen Stern geben',
    star: (a) => `${a.name} einen Stern geben`,
    adaptedToLeaveOut: (a) => ` · angepasst, weggelassen: ${a.out}`,
    fromWord: (a) => ` · aus „${a.version}“`,
    workOnFromHere: 'Von hier weiterarbeiten',
    card: 'Karte',
    nameOrNote: (a) => `Name oder Notiz ${a.name}`,
    note: 'Notiz',
    nameNote: 'Name, Notiz',
  },
  versionsPage: {
    untitledFormula: 'Formel ohne Titel',
    versions: (a) => `${a.detailTitle}, Versionen`,
    versions2: 'Versionen',
    theseVersionsCannotBeShown: 'Diese Versionen konnten nicht geladen werden',
    toTheFormulas: 'Zu den Formeln',
    whatWasKeptEachAfter:
      'Gespeicherte Versionen, jede nach der, aus der sie kam. Eine gespeicherte Version ändert sich nie; ihr Name, ihre Notiz und ihr Stern können es.',
    itsTrials: 'Ihre Versuche',
    backToTheDesk: 'Zurück zur Formel',
    fetchingTheVersions: 'Die Versionen werden geladen',
    toTheLatest: (a) => `Zur neuesten: ${a.name}`,
    onlyStarredOnes: 'Nur solche mit Stern',
    sideBySide: 'Vergleichen',
    hereTwoOrThreeVersions:
      'Vergleiche hier zwei oder drei Versionen. Bisher gibt es nur das Original: speichere zuerst eine Version der Formel.',
    tickTwoOrThreeVersions:
      'Hak zwei oder drei Versionen an, um zu sehen, worin sie sich unterscheiden, in Worten und in Gramm.',
  },
};
