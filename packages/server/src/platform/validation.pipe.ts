import {
  Injectable,
  ValidationPipe,
  type ArgumentMetadata,
  type ValidationError,
} from '@nestjs/common';
import {
  entryPath,
  fieldPath,
  ROOT_PATH,
  unknownFields,
  type DocumentProblem,
} from '@water-clock/core/documents';
import { getMetadataStorage } from 'class-validator';
import { documentFieldsOf } from './core-documents.js';
import { badInput, ProblemException } from './problem.js';
import { textFaults } from './text-faults.js';

const MOST_VALUES_OF_A_FIELD = 1000;

/** Checks request bodies and queries by their DTO; every fault is reported at once, by its path. */
export const validationPipe = () => new BoundedValidationPipe();

/** The framework says of each field that nobody knows what is wrong with it: a body of nothing else took it minutes. */
@Injectable()
class BoundedValidationPipe extends ValidationPipe {
  constructor() {
    super({
      transform: true,
      whitelist: true,
      forbidNonWhitelisted: true,
      stopAtFirstError: true,
      exceptionFactory: (errors) => badInput(errors.flatMap((error) => placesOf(error, ROOT_PATH))),
    });
  }

  override async transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    const unreadable = textFaults(value, ROOT_PATH);
    if (unreadable.length > 0) throw badInput(unreadable);
    if (!isObject(value)) {
      // A parameter of the address may be a text; a body, where there is one, may not.
      if (metadata.type === 'body' && value !== undefined && value !== null)
        throw badInput([{ path: ROOT_PATH, message: 'must be an object' }]);
      return super.transform(value, metadata);
    }
    const { fields, documents } = apart(value, metadata);
    const swollen = swollenFields(fields);
    if (swollen.length > 0) throw badInput(swollen);
    const unknown = namesUnknown(value, metadata);
    if (unknown.length === 0) {
      const read: unknown = await super.transform(fields, metadata);
      return isObject(read) ? Object.assign(read, documents) : read;
    }
    const others = await this.faultsOf(withoutNames(fields, unknown), metadata);
    throw badInput([...others, ...unknownFields(ROOT_PATH, unknown)]);
  }

  private async faultsOf(
    value: unknown,
    metadata: ArgumentMetadata,
  ): Promise<readonly DocumentProblem[]> {
    try {
      await super.transform(value, metadata);
      return [];
    } catch (error) {
      if (error instanceof ProblemException && error.errors) return error.errors;
      throw error;
    }
  }
}

const isObject = (value: unknown): value is object =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Fields with more in them than any has that is no document: the framework would go through all of it. */
const swollenFields = (fields: object): DocumentProblem[] =>
  Object.entries(fields)
    .filter(([, field]) => valuesIn(field) > MOST_VALUES_OF_A_FIELD)
    .map(([name]) => ({
      path: fieldPath(ROOT_PATH, name),
      message: `must have at most ${MOST_VALUES_OF_A_FIELD} values in it`,
    }));

/** Values in a value, at whatever depth, and itself. */
const valuesIn = (value: unknown): number =>
  typeof value === 'object' && value !== null
    ? Object.values(value).reduce<number>((sum, one) => sum + valuesIn(one), 1)
    : 1;

/** Fields of a body or a query that its DTO has not. */
function namesUnknown(value: object, { metatype, type }: ArgumentMetadata): string[] {
  if (!metatype || (type !== 'body' && type !== 'query')) return [];
  const checks = getMetadataStorage().getTargetValidationMetadatas(metatype, '', true, false);
  if (checks.length === 0) return [];
  const known = new Set(checks.map(({ propertyName }) => propertyName));
  return Object.keys(value).filter((name) => !known.has(name));
}

/**
 * The documents of a body apart from its other fields: they are read by the core, and the framework, which makes
 * instances of whatever it meets, compares each of their names with every other.
 */
function apart(value: object, { metatype }: ArgumentMetadata) {
  const names = new Set(metatype ? documentFieldsOf(metatype) : []);
  const documents = Object.entries(value).filter(
    ([name, field]) => names.has(name) && typeof field === 'object' && field !== null,
  );
  const standIns = documents.map(([name]) => [name, {}] as const);
  return {
    fields: { ...value, ...Object.fromEntries(standIns) },
    documents: Object.fromEntries(documents),
  };
}

function withoutNames(value: object, names: readonly string[]): object {
  const left = new Set(names);
  return Object.fromEntries(Object.entries(value).filter(([name]) => !left.has(name)));
}

/** The framework names an entry of a list as it does a field; no field has a number for a name. */
const ENTRY = /^\d+$/;

function placesOf(error: ValidationError, parent: string): DocumentProblem[] {
  const { property } = error;
  const isEntry = parent !== ROOT_PATH && ENTRY.test(property);
  const path = isEntry ? entryPath(parent, Number(property)) : fieldPath(parent, property);
  const [message] = Object.values(error.constraints ?? {});
  return [
    ...(message === undefined ? [] : [{ path, message }]),
    ...(error.children ?? []).flatMap((child) => placesOf(child, path)),
  ];
}
