import { getMetadataStorage } from 'class-validator';
import type { ValueSchema } from './checks.js';
import { nestingsOf, type DocumentClass, type Nesting } from './nested.js';

/** For fields whose value is a document of its own: the class that it is read by. */
export type InnerDocuments = Readonly<Record<string, DocumentClass>>;

/**
 * A document class as JSON Schema (2020-12), made from the very checks that read it. What only
 * several fields together can break, such as a duplicate number, is not in it: reading tells.
 * `inner` gives the classes of fields, by `Class.field`, that hold documents of their own.
 */
export function schemaOf(root: DocumentClass, id: string, inner: InnerDocuments = {}): object {
  const definitions: Record<string, object> = {};

  function referTo(type: DocumentClass): object {
    if (!(type.name in definitions)) {
      definitions[type.name] = {};
      definitions[type.name] = describe(type);
    }
    return { $ref: `#/$defs/${type.name}` };
  }

  function describe(type: DocumentClass): object {
    const nestings = nestingsOf(type);
    const defaults = new type() as Record<string, unknown>;
    const properties: Record<string, object> = {};
    const required: string[] = [];
    const checks = getMetadataStorage().getTargetValidationMetadatas(type, '', true, false);
    const optional = new Set(
      checks.filter(({ name }) => name === undefined).map(({ propertyName }) => propertyName),
    );
    for (const { propertyName: field, constraints } of checks) {
      const own = inner[`${type.name}.${field}`];
      const [schema] = constraints as [ValueSchema?];
      if (own)
        properties[field] =
          defaults[field] === null ? { anyOf: [referTo(own), { type: 'null' }] } : referTo(own);
      else if (typeof schema === 'object') properties[field] = { ...schema };
      if (defaults[field] === undefined && !optional.has(field) && !required.includes(field))
        required.push(field);
    }
    for (const [field, nesting] of nestings) {
      properties[field] = nestedSchema(nesting);
      if (!nesting.isOptional && defaults[field] === undefined) required.push(field);
    }
    return { type: 'object', properties, required, additionalProperties: false };
  }

  function nestedSchema({ classOf, isList, mayBeNull, variants }: Nesting): object {
    const one = variants.length > 0 ? { anyOf: variants.map(referTo) } : referTo(classOf({}));
    if (isList) return { type: 'array', items: one };
    return mayBeNull ? { anyOf: [one, { type: 'null' }] } : one;
  }

  const { $ref } = referTo(root) as { $ref: string };
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: id,
    $ref,
    $defs: definitions,
  };
}
