import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import { coreSchemas } from './core-documents.js';
import { PROBLEM_TYPE } from './problem.js';

interface Access {
  /** The cookie that says who is signed in. */
  readonly cookie: string;
  /** The mark of a route that may be used without signing in. */
  readonly publicMark: string;
}

const TAGS = {
  people: 'Who is signed in, their firm, and its people',
  properties: 'Homes: where they are, whom to ask, their water supply',
  'property files': 'Whole homes as files, out and in',
  timers: 'Timers, their settings and their yards',
  'timer-types': "What the firm's types of timer can do, and how they are used",
  copies: 'Saved copies of settings: as found, as left, planned',
  visits: 'Visits to a timer, what was done and seen, and the jobs that came of it',
  sheets: 'Sheets for the door, and the links that lead to them',
  round: 'What there is to do: visits that are planned, what falls due, what needs somebody',
  rules: 'Local rules of watering, by district',
  weather: 'Weather by day, by month, or simulated',
  planning: 'Plans made of a brief',
  simulator: 'A simulated timer in the place of one on the wall',
};

const METHODS = ['get', 'post', 'put', 'patch', 'delete'] as const;

/** The API as OpenAPI 3.1, the core's documents among its schemas. */
export function describeApi(app: INestApplication, { cookie, publicMark }: Access): OpenAPIObject {
  const builder = new DocumentBuilder()
    .setOpenAPIVersion('3.1.0')
    .setTitle('Water Clock')
    .setDescription('Properties, timers, yards, local rules, weather, visits and saved copies.')
    .setVersion('1')
    .addServer('/')
    .addCookieAuth(cookie, { type: 'apiKey', in: 'cookie', name: cookie }, 'session')
    .addSecurityRequirements('session');
  for (const [name, description] of Object.entries(TAGS)) builder.addTag(name, description);
  const described = SwaggerModule.createDocument(app, builder.build(), {
    operationIdFactory: (controller, method) =>
      `${firstSmall(controller.replace(/Controller$/, ''))}${firstLarge(method)}`,
  });
  described.info.license = {
    name: 'All rights reserved',
    identifier: 'LicenseRef-Proprietary',
  } as {
    name: string;
  };
  described.components = {
    ...described.components,
    schemas: { ...described.components?.schemas, ...coreSchemas() },
  };
  for (const path of Object.values(described.paths))
    for (const method of METHODS) {
      const operation = path[method] as Operation | undefined;
      if (!operation) continue;
      if (operation[publicMark] === true) operation.security = [];
      else operation.responses['401'] ??= problem('Nobody is signed in.');
      operation.responses['4XX'] ??= problem('It cannot be carried out; the answer says why.');
      Reflect.deleteProperty(operation, publicMark);
    }
  return modern(described) as OpenAPIObject;
}

interface Operation {
  security?: object[];
  responses: Record<string, object>;
  [mark: string]: unknown;
}

const problem = (description: string) => ({
  description,
  content: { [PROBLEM_TYPE]: { schema: { $ref: '#/components/schemas/ProblemDocument' } } },
});

/** As 3.1 has it: null is a type of its own, and a reference may have words beside it. */
function modern(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(modern);
  if (typeof value !== 'object' || value === null) return value;
  const { nullable, allOf, ...rest } = Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [key, modern(inner)]),
  );
  if (Array.isArray(allOf) && allOf.length === 1 && rest['additionalProperties'] === true) {
    const { type: _type, additionalProperties: _open, ...words } = rest;
    return { ...words, ...(allOf[0] as object) };
  }
  // One of several types is nothing else besides.
  if (Array.isArray(rest['anyOf'])) Reflect.deleteProperty(rest, 'additionalProperties');
  // What has a default may be left out.
  const { properties, required } = rest;
  if (Array.isArray(required) && typeof properties === 'object')
    rest['required'] = (required as string[]).filter(
      (name) => !('default' in (properties as Record<string, object>)[name]!),
    );
  if (nullable === true) {
    if (Array.isArray(rest['enum'])) rest['enum'] = [...(rest['enum'] as unknown[]), null];
    rest['type'] = [rest['type'], 'null'];
  }
  return { ...rest, ...(allOf !== undefined && { allOf }) };
}

const firstSmall = (word: string): string => word.charAt(0).toLowerCase() + word.slice(1);
const firstLarge = (word: string): string => word.charAt(0).toUpperCase() + word.slice(1);
