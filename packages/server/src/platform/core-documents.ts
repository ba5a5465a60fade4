import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { schemaOf, StoredVersion, type DocumentClass } from '@water-clock/core/documents';
import { Spans } from '@water-clock/core/dues';
import { RuleSet } from '@water-clock/core/local-rules';
import { Customary } from '@water-clock/core/needs';
import { PhotoFacts } from '@water-clock/core/photos';
import { Brief } from '@water-clock/core/planner';
import { PropertyFile, propertyFileSchema } from '@water-clock/core/property-file';
import { HOMES_CHANGES } from '@water-clock/core/rollouts';
import { Confirmed, Plan } from '@water-clock/core/settings';
import { Sheet } from '@water-clock/core/sheets';
import { Telling } from '@water-clock/core/tellings';
import { TimerCapability, TimerHandling } from '@water-clock/core/timer-types';
import { CoilLimits, VISIT_ENTRIES } from '@water-clock/core/visits';
import { WeatherFile } from '@water-clock/core/weather';
import { Yard } from '@water-clock/core/yards';
import { IsDefined, IsOptional } from 'class-validator';

/** What the core defines and checks, as the API's description knows it, and the core's folder that it is of. */
const CORE_DOCUMENTS = {
  Brief: { of: 'planner', classes: [Brief] },
  CoilLimits: { of: 'visits', classes: [CoilLimits] },
  Confirmed: { of: 'settings', classes: [Confirmed] },
  Customary: { of: 'needs', classes: [Customary] },
  HomesChange: { of: 'rollouts', classes: HOMES_CHANGES },
  PhotoFacts: { of: 'photos', classes: [PhotoFacts] },
  Plan: { of: 'settings', classes: [Plan] },
  PropertyFile: { of: 'property-file', classes: [PropertyFile] },
  RuleSet: { of: 'local-rules', classes: [RuleSet] },
  Spans: { of: 'dues', classes: [Spans] },
  Sheet: { of: 'sheets', classes: [Sheet] },
  Telling: { of: 'tellings', classes: [Telling] },
  TimerCapability: { of: 'timer-types', classes: [TimerCapability] },
  TimerHandling: { of: 'timer-types', classes: [TimerHandling] },
  VisitEntry: { of: 'visits', classes: VISIT_ENTRIES },
  WeatherFile: { of: 'weather', classes: [WeatherFile] },
  Yard: { of: 'yards', classes: [Yard] },
} as const satisfies Record<string, { of: string; classes: readonly DocumentClass[] }>;
export type CoreDocument = keyof typeof CORE_DOCUMENTS;

/** What the core works out and nobody sends, and the core's folder that it is of. */
const CORE_ANSWERS = {
  Standing: 'standing',
  Due: 'dues',
  Fix: 'rollouts',
  Break: 'rollouts',
} as const;

const addressOf = (name: string): string => `#/components/schemas/${name}`;

/** The schema of a document of the core's, for `@ApiOkResponse`. */
export const documentSchema = (document: CoreDocument) => ({ $ref: addressOf(document) });

/** An answer's field that holds what the core worked out. */
export const ApiCoreAnswer = (
  answer: keyof typeof CORE_ANSWERS,
  nullWhen?: string,
): PropertyDecorator =>
  ApiProperty({
    type: 'object',
    additionalProperties: true,
    allOf: [{ $ref: addressOf(answer) }],
    ...(nullWhen !== undefined && { nullable: true, description: nullWhen }),
  });

/** An answer's field that holds a list of what the core worked out. */
export const ApiCoreAnswers = (answer: keyof typeof CORE_ANSWERS): PropertyDecorator =>
  ApiProperty({ type: 'array', items: { $ref: addressOf(answer) } });

/** An answer's field that holds a document of the core's, or null where `mayBeNull`. */
export const ApiDocument = (
  document: CoreDocument,
  description?: string,
  { mayBeNull = false } = {},
): PropertyDecorator =>
  ApiProperty({
    type: 'object',
    additionalProperties: true,
    allOf: [documentSchema(document)],
    ...(description !== undefined && { description }),
    ...(mayBeNull && { nullable: true }),
  });

const documentFields = new Map<object, Set<string | symbol>>();

const isDocument: PropertyDecorator = (holder, field) => {
  documentFields.set(holder, (documentFields.get(holder) ?? new Set()).add(field));
};

/** The fields of a request's class that hold documents: what stands in them is the core's to read. */
export function documentFieldsOf(type: { readonly prototype: object }): (string | symbol)[] {
  const found: (string | symbol)[] = [];
  for (
    let holder: object | null = type.prototype;
    holder !== null;
    holder = Reflect.getPrototypeOf(holder)
  )
    found.push(...(documentFields.get(holder) ?? []));
  return found;
}

/** A field of a request that the core reads: it must be there, and the core tells what is wrong with it. */
export const DocumentField = (document: CoreDocument): PropertyDecorator =>
  applyDecorators(ApiDocument(document), IsDefined({ message: 'is required' }), isDocument);

export const OptionalDocumentField = (
  document: CoreDocument,
  description: string,
): PropertyDecorator =>
  applyDecorators(
    ApiPropertyOptional({
      type: 'object',
      additionalProperties: true,
      allOf: [documentSchema(document)],
      description,
    }),
    IsOptional(),
  );

/** A request whose `document` is one of the core's. */
export function withDocument(document: CoreDocument) {
  class Fields {
    @DocumentField(document)
    document!: unknown;
  }
  return Fields;
}

/** A request whose `document` takes the place of a stored one. */
export function changeOfDocument(document: CoreDocument) {
  class Change extends withDocument(document) {
    @ApiProperty({ example: 1, description: 'The version that the change was made from' })
    @StoredVersion()
    version!: number;
  }
  return Change;
}

/** The core's documents as schemas of the API's description; each names the core's type that it is. */
export function coreSchemas(): Record<string, object> {
  const schemas: Record<string, object> = {};
  const take = (described: object): string => {
    const { $ref, $defs } = JSON.parse(
      JSON.stringify(described).replaceAll('#/$defs/', addressOf('')),
    ) as { $ref: string; $defs: Record<string, object> };
    for (const [name, schema] of Object.entries($defs)) {
      const known = schemas[name];
      if (known && JSON.stringify(known) !== JSON.stringify(schema))
        throw new Error(`Two classes of the core's documents are called ${name}.`);
      schemas[name] = schema;
    }
    return $ref;
  };
  for (const [name, { classes }] of Object.entries(CORE_DOCUMENTS)) {
    const refs = classes.map((type) =>
      take(name === 'PropertyFile' ? propertyFileSchema() : schemaOf(type, name)),
    );
    if (refs.length > 1) schemas[name] = { oneOf: refs.map(($ref) => ({ $ref })) };
  }
  for (const [name, { of }] of Object.entries(CORE_DOCUMENTS))
    schemas[name] = { ...schemas[name], 'x-core': `@water-clock/core/${of}` };
  for (const [name, of] of Object.entries(CORE_ANSWERS))
    schemas[name] = {
      ...{ type: 'object', additionalProperties: true },
      'x-core': `@water-clock/core/${of}`,
    };
  return schemas;
}
