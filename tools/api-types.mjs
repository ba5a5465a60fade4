// npm run api-types: writes docs/openapi.json from the built server, and from it the types that the web
// asks by. With --check it writes nothing, and fails where what is there is not what it would write.
import { readFileSync, writeFileSync } from 'node:fs';
import { NestFactory } from '@nestjs/core';
import { createConfig, lintFromString } from '@redocly/openapi-core';
import openapiTS, { astToString } from 'openapi-typescript';
import prettier from 'prettier';
import ts from 'typescript';
import { AppModule } from '../packages/server/dist/app.module.js';
import { COOKIE, PUBLIC_MARK } from '../packages/server/dist/people/signed-in.js';
import { describeApi } from '../packages/server/dist/platform/describe-api.js';

const DESCRIPTION = 'docs/openapi.json';
const TYPES = 'packages/web/src/api/generated.ts';

/** The description, from a server that is put together and never started. */
async function describe() {
  const nowhere = {
    ...{ databaseUrl: 'postgres://localhost', computeWorker: '', fontFolder: '' },
    ...{ setupCode: null, mailFolder: null, publicUrl: '' },
  };
  const app = await NestFactory.create(AppModule.with(nowhere), { preview: true, logger: false });
  app.setGlobalPrefix('api');
  const description = describeApi(app, { cookie: COOKIE, publicMark: PUBLIC_MARK });
  // What has no value is not written.
  return JSON.parse(JSON.stringify(description));
}

/** The types: what is the core's is named, not written out. */
async function typesOf(description) {
  const { schemas } = description.components;
  const paths = structuredClone(description.paths);
  // A refusal is read as one whatever was asked: only what is answered is told apart.
  for (const operation of Object.values(paths).flatMap((path) => Object.values(path)))
    operation.responses = Object.fromEntries(
      Object.entries(operation.responses).filter(([status]) => status.startsWith('2')),
    );
  const wanted = new Set(
    JSON.stringify(paths)
      .match(/#\/components\/schemas\/\w+/g)
      .map(lastPart),
  );
  const core = Object.entries(schemas).filter(([, schema]) => 'x-core' in schema);
  const named = Object.fromEntries(
    core.map(([name, schema]) => [name, { type: 'object', 'x-core': schema['x-core'] }]),
  );
  const kept = {};
  const keep = (name) => {
    if (name in kept) return;
    kept[name] = named[name] ?? schemas[name];
    for (const ref of JSON.stringify(kept[name]).match(/#\/components\/schemas\/\w+/g) ?? [])
      keep(lastPart(ref));
  };
  for (const name of wanted) keep(name);
  const nodes = await openapiTS(
    { ...description, paths, components: { ...description.components, schemas: kept } },
    {
      immutable: true,
      defaultNonNullable: false,
      alphabetize: true,
      transform: (schema, { path }) =>
        'x-core' in schema
          ? ts.factory.createImportTypeNode(
              ts.factory.createLiteralTypeNode(ts.factory.createStringLiteral(schema['x-core'])),
              undefined,
              ts.factory.createIdentifier(lastPart(path)),
            )
          : undefined,
    },
  );
  return `// Written by \`npm run api-types\` from the server's description of its API. Not changed by hand.\n${astToString(nodes)}`;
}

const lastPart = (path) => path.split('/').at(-1);

const formatted = async (text, file) =>
  prettier.format(text, { ...(await prettier.resolveConfig(file)), filepath: file });

/** What the recommended rules of OpenAPI's linter find: every operation told, secured, refused as it should be. */
async function faultsOf(description) {
  const found = await lintFromString({
    source: JSON.stringify(description),
    absoluteRef: 'openapi.json',
    config: await createConfig({ extends: ['recommended'] }),
  });
  return found.map(
    ({ ruleId, message, location }) => `${ruleId}: ${message} (${location[0]?.pointer})`,
  );
}

const description = await describe();
for (const fault of await faultsOf(description)) {
  process.stderr.write(`${fault}\n`);
  process.exitCode = 1;
}
const files = [
  [DESCRIPTION, JSON.stringify(description)],
  [TYPES, await typesOf(description)],
];
for (const [file, text] of files) {
  const wanted = await formatted(text, file);
  if (!process.argv.includes('--check')) writeFileSync(file, wanted);
  else if (readFileSync(file, 'utf8') !== wanted) {
    process.stderr.write(`${file} is not what the server says now: run npm run api-types.\n`);
    process.exitCode = 1;
  }
}
