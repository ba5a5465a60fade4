// npm run schemas: writes docs/formats from the checks that read the documents (after a build).
import { mkdirSync, writeFileSync } from 'node:fs';
import { propertyFileSchema } from '../packages/core/dist/property-file/index.js';

mkdirSync('docs/formats', { recursive: true });
writeFileSync(
  'docs/formats/property.schema.json',
  `${JSON.stringify(propertyFileSchema(), null, 2)}\n`,
);
