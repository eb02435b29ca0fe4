import type * as English from '../../en/sentences/saving';

export const savingSentences: typeof English.savingSentences = {
  thisBrowserHasNoRoom:
    'Auch dieser Browser hat keinen Platz dafür: lass die Seite offen, oder speichere es als Datei.',
  itIsKeptInThis: 'Es ist in diesem Browser gespeichert und wird wieder versucht.',
  savingSoon: 'Wird gleich gespeichert',
  saving: 'Wird gespeichert',
  draftSaved: 'Entwurf gespeichert',
  changedInTwoPlaces: 'An zwei Stellen geändert',
  notSavedYetTheServer: (a) => `Noch nicht gespeichert: der Server antwortet nicht. ${a.here}`,
  notSavedYet: (a) => `Noch nicht gespeichert. ${a.sayProblem} ${a.here}`,
  notSaved: (a) => `Nicht gespeichert. ${a.sayProblem}`,
};
