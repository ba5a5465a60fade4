/** A class whose instances are objects of a document; its initialisers are the defaults. */
export type DocumentClass = new () => object;

export interface Nesting {
  /** The class of the object; for a union, chosen by what the object holds. */
  readonly classOf: (raw: Record<string, unknown>) => DocumentClass;
  readonly isList: boolean;
  readonly mayBeNull: boolean;
  readonly isOptional: boolean;
  /** Of a union: all its classes, for a description. */
  readonly variants: readonly DocumentClass[];
}

const nestings = new Map<object, Map<string, Nesting>>();

function record(nesting: Nesting): PropertyDecorator {
  return (prototype, field) => {
    const fields = nestings.get(prototype) ?? new Map<string, Nesting>();
    nestings.set(prototype, fields.set(String(field), nesting));
  };
}

const PLAIN = { isList: false, mayBeNull: false, isOptional: false, variants: [] };

/** The field holds one object; of a union, `variants` lists its classes. */
export const Nested = (
  classOf: Nesting['classOf'],
  variants: readonly DocumentClass[] = [],
): PropertyDecorator => record({ ...PLAIN, classOf, variants });

/** The field holds one object, or is absent. */
export const OptionalNested = (classOf: Nesting['classOf']): PropertyDecorator =>
  record({ ...PLAIN, classOf, isOptional: true });

/** The field holds one object, or null where there is none. */
export const NestedOrNull = (classOf: Nesting['classOf']): PropertyDecorator =>
  record({ ...PLAIN, classOf, mayBeNull: true });

/** The field holds a list of objects; of a union, `variants` lists its classes. */
export const NestedList = (
  classOf: Nesting['classOf'],
  variants: readonly DocumentClass[] = [],
): PropertyDecorator => record({ ...PLAIN, classOf, isList: true, variants });

/** The field holds a list of objects, or is absent. */
export const OptionalNestedList = (classOf: Nesting['classOf']): PropertyDecorator =>
  record({ ...PLAIN, classOf, isList: true, isOptional: true });

const NONE: ReadonlyMap<string, Nesting> = new Map();

const known = new Map<object, ReadonlyMap<string, Nesting>>();

/** The nested fields of a class, those of the classes that it extends included. */
export function nestingsOf(type: DocumentClass): ReadonlyMap<string, Nesting> {
  const prototype = type.prototype as object;
  let fields = known.get(prototype);
  if (!fields) {
    const parent = Object.getPrototypeOf(prototype) as object;
    const inherited =
      parent === Object.prototype ? NONE : nestingsOf(parent.constructor as DocumentClass);
    fields = new Map([...inherited, ...(nestings.get(prototype) ?? NONE)]);
    known.set(prototype, fields);
  }
  return fields;
}
