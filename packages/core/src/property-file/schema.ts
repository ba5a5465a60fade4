import { schemaOf } from '../documents/index.js';
import { RuleSet } from '../local-rules/index.js';
import { Plan } from '../settings/index.js';
import { Yard } from '../yards/index.js';
import { PROPERTY_FORMAT, PropertyFile } from './property-file.js';

/** The JSON Schema of property files, with the plans, yards and rules in them. */
export const propertyFileSchema = (): object =>
  schemaOf(PropertyFile, PROPERTY_FORMAT, {
    'PropertyFile.rules': RuleSet,
    'TimerInFile.settings': Plan,
    'TimerInFile.yard': Yard,
    'CopyInFile.document': Plan,
  });
