export {
  COPY_REASONS,
  CopyInFile,
  PROPERTY_FORMAT,
  PropertyFacts,
  PropertyFile,
  SUPPLY_SOURCES,
  TimerInFile,
  type CopyReason,
  type SupplySource,
} from './property-file.js';
export { readPropertyFile } from './read-property-file.js';
export { propertyFileSchema } from './schema.js';
