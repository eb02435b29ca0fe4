import type { ReactNode } from 'react';
import { catalogue } from '../../catalogue';
import { rich } from '../../rich';

export const versionsWords = catalogue('versions', {
  order: {
    asWritten: 'original',
    asWrittenMended: 'original, corrected',
  },
  nameVersion: {
    theNote: 'the note',
    changed: (a: { name: string }) => `Changed: ${a.name}`,
    nameAndNote: 'Name and note',
    note: 'Note',
    name: 'Name',
    giveItANameSo: 'Enter a name that sets it apart from the others.',
    notKept: 'Not saved',
    keepNameAndNote: 'Save name and note',
    cancel: 'Cancel',
  },
  compared: {
    theseVersionsCannotBeLaid: 'These versions could not be compared',
    layingThemSideBySide: 'Comparing the versions',
    against: (a: { names: ReactNode }) => rich`against ${a.names}`,
    versionsSideBySide: 'Versions compared',
    mainPart: 'Main part',
    linesThatMove: (a: { name: string }) => `${a.name}: lines that change`,
    linesThatMove2: 'Lines that change',
    balance: (a: { name: string }) => `${a.name}: balance`,
    balance2: 'Balance',
    inTheOven: 'In the oven',
    heatAndTime: 'temperature and time',
    notStated: 'not stated',
    tin: 'tin',
    theirLinesAreTheSame: 'Their lines are the same.',
    aBalanceIsMarkedWhere: (a: { names: ReactNode }) =>
      rich`A balance is marked where it is outside the target range of this kind of bake around ${a.names}.`,
  },
  versionRow: {
    seeWhatEngineWithFigures: (a: { cOREVERSION: string; dATAVERSION: string }) =>
      `Work it out again with engine ${a.cOREVERSION} and figures of ${a.dATAVERSION}`,
    workedOutWithEngineFigures: (a: { coreVersion: string; dataVersion: string; note: ReactNode }) =>
      rich`Worked out with engine ${a.coreVersion}, figures of ${a.dataVersion}${a.note}`,
    notStarred: 'Could not star it',
    star: (a: { name: string }) => `Star ${a.name}`,
    adaptedToLeaveOut: (a: { out: string }) => ` · adapted to leave out ${a.out}`,
    fromWord: (a: { version: string }) => ` · from “${a.version}”`,
    workOnFromHere: 'Continue from here',
    card: 'Card',
    nameOrNote: (a: { name: string }) => `Name or note ${a.name}`,
    note: 'Note',
    nameNote: 'Name, note',
  },
  versionsPage: {
    untitledFormula: 'Untitled formula',
    versions: (a: { detailTitle: string }) => `${a.detailTitle}, versions`,
    versions2: 'Versions',
    theseVersionsCannotBeShown: 'These versions could not be loaded',
    toTheFormulas: 'Go to formulas',
    whatWasKeptEachAfter:
      'Saved versions, each after the one it came from. A saved version never changes; its name, note and star can.',
    itsTrials: 'Its trials',
    backToTheDesk: 'Back to the formula',
    fetchingTheVersions: 'Loading the versions',
    toTheLatest: (a: { name: string }) => `Go to the latest: ${a.name}`,
    onlyStarredOnes: 'Only starred ones',
    sideBySide: 'Compare',
    hereTwoOrThreeVersions:
      'Compare two or three versions here. There is only the original so far: save a version of the formula first.',
    tickTwoOrThreeVersions:
      'Tick two or three versions to see what differs between them, in words and in grams.',
  },
});
