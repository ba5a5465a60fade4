export * from './checks.js';
export {
  Nested,
  NestedList,
  NestedOrNull,
  OptionalNested,
  OptionalNestedList,
  type DocumentClass,
} from './nested.js';
export {
  entryPath,
  fieldPath,
  unknownFields,
  pathWithin,
  ROOT_PATH,
  type DocumentProblem,
} from './problem.js';
export { isBlank, isObject, readObject } from './read-object.js';
export { schemaOf } from './json-schema.js';
