export {
  COPY_REASONS,
  CopyInFile,
  EntryInFile,
  FIRST_PROPERTY_FORMAT,
  JobInFile,
  PhotoInFile,
  PROPERTY_FORMAT,
  PropertyFacts,
  PropertyFile,
  TimerInFile,
  VisitInFile,
  type CopyReason,
} from './property-file.js';
export { HOUSEHOLD_LANGUAGES, type HouseholdLanguage } from './household-language.js';
export { readPropertyFile } from './read-property-file.js';
export { propertyFileSchema } from './schema.js';
