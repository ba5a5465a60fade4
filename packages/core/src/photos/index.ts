export {
  isOfStation,
  isOfTimer,
  MOST_PINS,
  PHOTO_SUBJECTS,
  PhotoFacts,
  Pin,
  readPhotoFacts,
  SUBJECT_NAMES,
  type PhotoSubject,
} from './photo-facts.js';
export {
  LONGEST_SIDE,
  MOST_BYTES,
  MOST_SHARED_PHOTOS,
  MOST_SMALL_BYTES,
  SMALL_SIDE,
  type Picture,
} from './picture.js';
export { readPicture } from './read-picture.js';
