// npm run fuzz: asks every route of the API for nonsense, drawn from a seed. No answer may be of 5xx, no connection reset.
import { readFileSync } from 'node:fs';
import { parseArgs } from 'node:util';
import { randomLcg } from 'd3-random';
import { startApplication } from '../e2e/support/application.js';
import { signIn, timersOf } from '../e2e/support/sign-in.js';
import { startSimulator } from './simulator.js';

const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '1500' },
    seed: { type: 'string', default: '1' },
  },
});
const AT_ONCE = 8;
const random = randomLcg(Number(values.seed) / 2 ** 31);
const below = (count) => Math.floor(random() * count);
const oneOf = (list) => list[below(list.length)];

const description = JSON.parse(readFileSync(new URL('../docs/openapi.json', import.meta.url)));
const { schemas } = description.components;
// What would end the session that asks, or keep everybody out.
const LEFT_OUT =
  /^(DELETE \/api\/session|PUT \/api\/session\/firm|DELETE \/api\/account|PATCH \/api\/(people|firm)|(POST|PUT) \/api\/account|DELETE \/api\/people)/;
const operations = Object.entries(description.paths)
  .flatMap(([path, methods]) =>
    Object.entries(methods).map(([method, operation]) => ({
      ...{ path, method: method.toUpperCase() },
      parameters: operation.parameters ?? [],
      schema: operation.requestBody?.content['application/json']?.schema,
    })),
  )
  .filter(({ method, path }) => !LEFT_OUT.test(`${method} ${path}`));

const ODD = [
  null,
  true,
  '',
  ' ',
  '\0',
  '\ud800',
  'x'.repeat(3000),
  "'; DROP TABLE people; --",
  '=1+1',
  '../../etc/passwd',
  '%00',
  0,
  -1,
  1.5,
  2 ** 31,
  2 ** 53,
  1e308,
  -1e308,
  [],
  {},
  [[[[]]]],
  { __proto__: 1, constructor: 2 },
  '2026-02-30',
  '0000-00-00',
  '9999-12-31',
  '24:00',
  'ünïcödé 漢字 🙂',
];

const named = ({ $ref }) => schemas[$ref.split('/').at(-1)];

const MAKERS = {
  object: objectOf,
  array: ({ items }, depth) => Array.from({ length: below(4) }, () => valueOf(items, depth + 1)),
  integer: () => below(20),
  number: () => random() * 100,
  boolean: () => random() < 0.5,
  null: () => null,
  string: textOf,
};

/** A value that a schema asks for, more or less; what is too deep is cut. */
function valueOf(schema = {}, depth = 0) {
  if (random() < 0.03 || depth > 5) return oneOf(ODD);
  if (schema.$ref) return valueOf(named(schema), depth);
  const some = schema.allOf ?? schema.anyOf ?? schema.oneOf;
  if (some) return valueOf(oneOf(some), depth);
  if (schema.enum) return oneOf(schema.enum);
  const { type = schema.properties ? 'object' : 'string' } = schema;
  return MAKERS[Array.isArray(type) ? oneOf(type) : type](schema, depth);
}

function objectOf({ properties = {} }, depth) {
  const known = Object.entries(properties).filter(() => random() < 0.9);
  const made = Object.fromEntries(known.map(([name, of]) => [name, valueOf(of, depth + 1)]));
  return random() < 0.05 ? { ...made, [`odd ${below(9)}`]: 1 } : made;
}

function textOf({ format }) {
  if (format === 'date') return `2026-0${1 + below(9)}-1${below(9)}`;
  if (format === 'uuid') return oneOf(ids);
  if (random() < 0.1) return oneOf(ODD);
  return oneOf(['Plum cottage', '04:00', '2026-06-01', 'ines@quillhaven.example']);
}

const simulator = await startSimulator();
const application = await startApplication({ demo: true, simulatorUrl: simulator.url });
const { cookie } = await signIn(application.url, 'Greta Holloway');
const timers = await timersOf(application.url, cookie);
const ids = [
  ...timers.flatMap(({ id, propertyId }) => [id, propertyId]),
  ...['00000000-0000-0000-0000-000000000000', 'no-id', '%00', '../session', '1'],
];

function asked({ path, method, parameters, schema }) {
  const query = new URLSearchParams();
  let place = path;
  for (const { name, in: where, schema: of, required } of parameters) {
    if (where === 'path') place = place.replace(`{${name}}`, encodeURIComponent(oneOf(ids)));
    else if (required ? random() < 0.95 : random() < 0.5) query.set(name, String(valueOf(of)));
  }
  const body = schema && (random() < 0.03 ? '{"half":' : JSON.stringify(valueOf(schema)));
  return { url: `${application.url}${place}?${query}`, method, ...(body && { body }) };
}

const counts = new Map();
const bad = [];
async function askOne() {
  const { url, ...request } = asked(oneOf(operations));
  try {
    const answer = await fetch(url, {
      ...request,
      headers: { cookie, 'content-type': 'application/json' },
    });
    await answer.arrayBuffer();
    counts.set(answer.status, (counts.get(answer.status) ?? 0) + 1);
    if (answer.status >= 500) bad.push([answer.status, request.method, url, request.body]);
  } catch (error) {
    bad.push(['reset', request.method, url, request.body, String(error)]);
  }
}

let left = Number(values.requests);
try {
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (left-- > 0) await askOne();
    }),
  );
} finally {
  await application.stop();
  simulator.stop();
}
const statuses = [...counts]
  .sort(([a], [b]) => a - b)
  .map(([status, count]) => `${status}: ${count}`);
console.log(`seed ${values.seed}, ${values.requests} requests: ${statuses.join(', ')}`);
for (const one of bad.slice(0, 20)) console.error(JSON.stringify(one).slice(0, 600));
if (bad.length > 0) {
  console.error(`${bad.length} answers of 5xx or resets`);
  process.exit(1);
}
