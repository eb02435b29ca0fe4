import { catalogue } from '../../../catalogue';

export const savingSentences = catalogue('sentences/saving', {
  thisBrowserHasNoRoom:
    'This browser has no room to save it either: leave the page open, or save it as a file.',
  itIsKeptInThis: 'It is saved in this browser and will be tried again.',
  savingSoon: 'Saving soon',
  saving: 'Saving',
  draftSaved: 'Draft saved',
  changedInTwoPlaces: 'Changed in two places',
  notSavedYetTheServer: (a: { here: string }) => `Not saved yet: the server does not answer. ${a.here}`,
  notSavedYet: (a: { sayProblem: string; here: string }) => `Not saved yet. ${a.sayProblem} ${a.here}`,
  notSaved: (a: { sayProblem: string }) => `Not saved. ${a.sayProblem}`,
});
