import type * as English from '../../en/sentences/compute';

export const computeSentences: typeof English.computeSentences = {
  thePartOfThePage:
    'Der Teil der Seite, der rechnet, ist nicht angelaufen. Vielleicht sperrt ihn der Browser, oder der Server läuft nicht mehr. Nichts, was du eingegeben hast, ist verloren.',
  itTookTooLongAnd:
    'Es hat zu lange gedauert und wurde angehalten. Nichts, was du eingegeben hast, ist verloren. Versuch es noch einmal, oder nimm die letzte Änderung zurück.',
  itFailedOnOurSide:
    'Es ist auf unserer Seite fehlgeschlagen. Nichts, was du eingegeben hast, ist verloren. Versuch es noch einmal, oder nimm die letzte Änderung zurück.',
};
