export {
  COPY_REASONS,
  CopyInFile,
  FIRST_PROPERTY_FORMAT,
  PhotoInFile,
  PROPERTY_FORMAT,
  PropertyFacts,
  PropertyFile,
  TimerInFile,
  type CopyReason,
} from './property-file.js';
export { HOUSEHOLD_LANGUAGES, type HouseholdLanguage } from './household-language.js';
export { readPropertyFile } from './read-property-file.js';
export { propertyFileSchema } from './schema.js';
