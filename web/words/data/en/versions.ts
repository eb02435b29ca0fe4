import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const versionsWords = catalogue('versions', {
  order: {
    asWritten: 'as written',
    asWrittenMended: 'as written, mended',
  },
  nameVersion: {
    theNote: 'the note',
    changed: (a: { name: string }) => `Changed: ${a.name}`,
    nameAndNote: 'Name and note',
    note: 'Note',
    name: 'Name',
    giveItANameSo: 'Give it a name, so that it can be told from the others.',
    notKept: 'Not kept',
    keepNameAndNote: 'Keep name and note',
    cancel: 'Cancel',
  },
  compared: {
    theseVersionsCannotBeLaid: 'These versions cannot be laid side by side',
    layingThemSideBySide: 'Laying them side by side',
    against: (a: { names: ReactNode }) => rich`against ${a.names}`,
    nothingMovesBetweenThem: 'Nothing moves between them.',
    versionsSideBySide: 'Versions side by side',
    mainPart: 'Main part',
    linesThatMove: (a: { name: string }) => `${a.name}: lines that move`,
    linesThatMove2: 'Lines that move',
    balance: (a: { name: string }) => `${a.name}: balance`,
    balance2: 'Balance',
    inTheOven: 'In the oven',
    heatAndTime: 'heat and time',
    notStated: 'not stated',
    tin: 'tin',
    theirLinesAreTheSame: 'Their lines are the same.',
    aBalanceIsMarkedWhere: (a: { names: ReactNode }) =>
      rich`A balance is marked where it leaves the band that this kind of bake has about ${a.names}.`,
  },
  versionRow: {
    seeWhatEngineWithFigures: (a: { cOREVERSION: string; dATAVERSION: string }) =>
      `See what engine ${a.cOREVERSION} with figures of ${a.dATAVERSION} makes of it`,
    workedOutWithEngineFigures: (a: { coreVersion: string; dataVersion: string; note: ReactNode }) =>
      rich`Worked out with engine ${a.coreVersion}, figures of ${a.dataVersion}${a.note}`,
    notStarred: 'Not starred',
    star: (a: { name: string }) => `Star ${a.name}`,
    adaptedToLeaveOut: (a: { out: string }) => ` · adapted to leave out ${a.out}`,
    fromWord: (a: { version: string }) => ` · from “${a.version}”`,
    workOnFromHere: 'Work on from here',
    card: 'Card',
    nameOrNote: (a: { name: string }) => `Name or note ${a.name}`,
    note: 'Note',
    nameNote: 'Name, note',
  },
  versionsPage: {
    untitledFormula: 'Untitled formula',
    versions: (a: { detailTitle: string }) => `${a.detailTitle}, versions`,
    versions2: 'Versions',
    theseVersionsCannotBeShown: 'These versions cannot be shown',
    toTheFormulas: 'To the formulas',
    whatWasKeptEachAfter:
      'What was kept, each after the one it grew from. A kept version never changes; its name, note and star may.',
    itsTrials: 'Its trials',
    backToTheDesk: 'Back to the desk',
    fetchingTheVersions: 'Fetching the versions',
    toTheLatest: (a: { name: string }) => `To the latest: ${a.name}`,
    onlyStarredOnes: 'Only starred ones',
    sideBySide: 'Side by side',
    hereTwoOrThreeVersions:
      'Here two or three versions stand beside each other. There is only the one as written: keep a version at the desk first.',
    tickTwoOrThreeVersions:
      'Tick two or three versions: what moves between them is told here, in words and in grams.',
  },
});
