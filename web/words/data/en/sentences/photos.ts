import { catalogue } from '../../../catalogue';

/** Why a file is no photo that can be kept. */
export const photosSentences = catalogue('sentences/photos', {
  empty: 'This file is empty. Choose another.',
  largeFile: 'This file is larger than 60 MB. Save the photo smaller and choose it again.',
  noPhoto: 'This photo can’t be read. Choose a JPEG, PNG or WebP.',
  manyPoints: 'This picture has more than 80 million pixels. Save it smaller and choose it again.',
  cannotBeOpened: 'This browser can’t open the photo. Save it as JPEG and choose it again.',
  staysTooLarge: 'The photo is still too large after it was made smaller. Take one with less detail.',
});
