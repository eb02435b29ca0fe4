import { catalogue } from '../../../catalogue';

export const computeSentences = catalogue('sentences/compute', {
  thePartOfThePage:
    'The part of the page that works things out did not start. The browser may block it, or the server may have stopped. Nothing you entered is lost.',
  itTookTooLongAnd:
    'It took too long and was stopped. Nothing you entered is lost. Try again, or undo the last change.',
  itFailedOnOurSide:
    'It failed on our side. Nothing you entered is lost. Try again, or undo the last change.',
});
