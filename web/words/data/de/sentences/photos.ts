import type * as English from '../../en/sentences/photos';

export const photosSentences: typeof English.photosSentences = {
  empty: 'Diese Datei ist leer. Wähle eine andere.',
  largeFile: 'Diese Datei ist größer als 60 MB. Speichere das Foto kleiner und wähle es noch einmal.',
  noPhoto: 'Dieses Foto lässt sich nicht lesen. Wähle ein JPEG, PNG oder WebP.',
  manyPoints: 'Dieses Bild hat mehr als 80 Millionen Pixel. Speichere es kleiner und wähle es noch einmal.',
  cannotBeOpened:
    'Dieser Browser kann das Foto nicht öffnen. Speichere es als JPEG und wähle es noch einmal.',
  staysTooLarge: 'Das Foto ist auch verkleinert noch zu groß. Nimm eines mit weniger Einzelheiten auf.',
};
