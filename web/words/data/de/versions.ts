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
    giveItANameSo: 'Gib ihr einen Namen, damit sie von den anderen zu unterscheiden ist.',
    notKept: 'Nicht gespeichert',
    keepNameAndNote: 'Name und Notiz speichern',
    cancel: 'Abbrechen',
  },
  compared: {
    theseVersionsCannotBeLaid: 'Diese Versionen können nicht nebeneinandergelegt werden',
    layingThemSideBySide: 'Sie werden nebeneinandergelegt',
    against: (a) => rich`gegen ${a.names}`,
    nothingMovesBetweenThem: 'Nichts bewegt sich zwischen ihnen.',
    versionsSideBySide: 'Versionen nebeneinander',
    mainPart: 'Hauptteil',
    linesThatMove: (a) => `${a.name}: Zeilen, die sich bewegen`,
    linesThatMove2: 'Zeilen, die sich bewegen',
    balance: (a) => `${a.name}: Bilanz`,
    balance2: 'Bilanz',
    inTheOven: 'Im Ofen',
    heatAndTime: 'Hitze und Zeit',
    notStated: 'nicht angegeben',
    tin: 'Form',
    theirLinesAreTheSame: 'Ihre Zeilen sind gleich.',
    aBalanceIsMarkedWhere: (a) =>
      rich`Eine Bilanz ist markiert, wo sie den Bereich verlässt, den diese Art Gebäck um ${a.names} hat.`,
  },
  versionRow: {
    seeWhatEngineWithFigures: (a) =>
      `Sehen, was Rechnung ${a.cOREVERSION} mit Zahlen von ${a.dATAVERSION} daraus macht`,
    workedOutWithEngineFigures: (a) =>
      rich`Berechnet mit Rechnung ${a.coreVersion}, Zahlen von ${a.dataVersion}${a.note}`,
    notStarred: 'Kein Stern gesetzt',
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
    theseVersionsCannotBeShown: 'Diese Versionen können nicht gezeigt werden',
    toTheFormulas: 'Zu den Formeln',
    whatWasKeptEachAfter:
      'Was gespeichert wurde, jede nach der, aus der sie wuchs. Eine gespeicherte Version ändert sich nie; ihr Name, ihre Notiz und ihr Stern dürfen es.',
    itsTrials: 'Ihre Versuche',
    backToTheDesk: 'Zurück zum Arbeitstisch',
    fetchingTheVersions: 'Die Versionen werden geholt',
    toTheLatest: (a) => `Zur neuesten: ${a.name}`,
    onlyStarredOnes: 'Nur solche mit Stern',
    sideBySide: 'Nebeneinander',
    hereTwoOrThreeVersions:
      'Hier stehen zwei oder drei Versionen nebeneinander. Es gibt nur das Original: speichere zuerst eine Version am Arbeitstisch.',
    tickTwoOrThreeVersions:
      'Hak zwei oder drei Versionen an: was sich zwischen ihnen bewegt, steht dann hier, in Worten und in Gramm.',
  },
};
