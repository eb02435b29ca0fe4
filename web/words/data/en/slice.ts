import { catalogue } from '../../catalogue';

export const sliceWords = catalogue('slice', {
  slicePhoto: {
    arrowKeysMoveItWith: (a: { handle: string }) => `${a.handle}: arrow keys move it, with Shift farther`,
  },
  slicePage: {
    card: 'Card',
    edge: 'Edge',
    base: 'Base',
    noHole: 'No hole',
    theFourMarksLieOn: 'The four marks lie on the corners of the card; they need not be exact.',
    moveTheMarksWhereThe: 'Move the marks where the blue line misses the edge of the slice.',
    theLineThroughBothMarks:
      'The line through both marks is what the slice stands on. Heights are counted from it.',
    pressOnARaisinA:
      'Press on a raisin, a seed or a piece of chocolate: it counts neither as hole nor as crumb.',
    measureTheSlice: 'Measure the slice',
    thisTrialCannotBeShown: 'This trial could not be loaded',
    fetchingTheTrial: 'Loading the trial',
    cornerOfTheCard: (a: { i: number }) => `Corner ${a.i} of the card`,
    markOfTheEdge: (a: { i: number }) => `Mark ${a.i} of the edge`,
    oneEndOfTheBase: 'One end of the base',
    otherEndOfTheBase: 'Other end of the base',
    crossHairs: 'Cross hairs',
    backToTheTrial: 'Back to the trial',
    thisPhotoIsNotHere: 'This photo is not here any more',
    thePhotoCouldNotBe: 'The photo could not be measured',
    loadThePageAgainOr: 'Load the page again, or take the photo smaller.',
    sliceAndCard: (a: { trialTitle: string }) => `${a.trialTitle}, slice and card`,
    openingThePhoto: 'Loading the photo',
    edgeAndCrumbInsideThe: 'edge, and crumb inside the crust',
    baseHeight: 'base, height',
    holesOf12Mm: 'holes of 1.2 mm and more',
    gummyLine: 'gummy line',
    tunnelsPerhapsLook: 'possible tunnels: check',
    whatItMeasures: 'What it measures',
    whatToMendOnThe: 'What to correct on the photo',
    noHoleAtTheCross: 'No hole at the cross hairs',
    takeTheLastOneBack: 'Remove the last one',
    asItWasFound: 'As found',
    whereTheCardLies: 'Position of the card',
    cardLevelWithTheCut: 'Card level with the cut',
    cardOnTheBoard: 'Card on the board',
    theSliceIsSoThick: 'Slice thickness',
    aCutNearerTheCamera:
      'A cut nearer the camera looks larger. The camera distance is guessed, so all ranges are wider.',
    aCutNearerTheCamera2:
      'A cut nearer the camera looks larger; the camera distance comes from the photo’s own data.',
    mm: ' mm',
    measuringTheSlice: 'Measuring the slice',
    inNumbers: 'In numbers',
    keepTheseNumbers: 'Save these numbers',
    markIt: (a: { name: string }) => `Mark it: ${a.name}`,
    spansHoldNineTimesOf:
      'The ranges hold nine times out of ten on drawn slices; no bread has been checked with a ruler yet. One slice is not the loaf: cut two. Comparing with an earlier photo of yours says more than one photo alone.',
  },
});
