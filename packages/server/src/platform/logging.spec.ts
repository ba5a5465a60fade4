import { createServer } from 'node:http';
import { pino } from 'pino';
import request from 'supertest';
import { loggerAt, requestLog } from './logging.js';

interface Line {
  readonly level: number;
  readonly person?: string;
  readonly req: { readonly id: string; readonly method: string; readonly url: string };
  readonly res: { readonly statusCode: number };
}
const [INFO, WARN, ERROR] = [30, 40, 50];

/** What is logged of requests that are answered by the status in their address. */
async function logged(level: 'info' | 'warn', ...asked: (readonly ['get' | 'post', string])[]) {
  const lines: Line[] = [];
  const log = requestLog(
    pino(
      { level, base: null },
      { write: (line: string) => void lines.push(JSON.parse(line) as Line) },
    ),
  );
  const server = createServer((given, response) => {
    log(given, response);
    Object.assign(given, { person: { id: 'p-1', name: 'Ines' }, ip: '10.0.0.7' });
    response.statusCode = Number(/\d{3}/.exec(given.url!)![0]);
    response.end();
  });
  for (const [method, path] of asked)
    await request(server)[method](path).send({ password: 'plums' });
  return { lines, text: JSON.stringify(lines) };
}

it('tells who asked for what, from where, and what came of it, and nothing of what was in it', async () => {
  const token = 'a'.repeat(43);
  const { lines, text } = await logged('info', ['post', `/api/links/${token}/200?email=ines`]);
  expect(lines).toMatchObject([
    { level: INFO, person: 'p-1', address: '10.0.0.7', res: { statusCode: 200 } },
  ]);
  expect(lines[0]!.req).toMatchObject({ method: 'POST', url: '/api/links/…/200' });
  for (const secret of ['plums', 'ines', 'Ines', token]) expect(text).not.toContain(secret);
});

it('tells of what is refused where requests that went well are not told', async () => {
  const { lines } = await logged(
    'warn',
    ['post', '/api/session/401'],
    ['get', '/api/session/401'],
    ['get', '/api/people/403'],
    ['post', '/api/session/429'],
    ['post', '/api/properties/422'],
    ['get', '/api/properties/503'],
    ['get', '/api/properties/500'],
  );
  expect(lines.map(({ level, res }) => [level, res.statusCode])).toEqual([
    [WARN, 401],
    [WARN, 403],
    [WARN, 429],
    [ERROR, 500],
  ]);
});

it('keeps lines apart, whatever was sent', async () => {
  const { lines } = await logged('info', ['get', '/api/200%0A{"level":60}']);
  expect(lines).toHaveLength(1);
});

it('is silent where it is asked to be', () => {
  expect(loggerAt('silent').isLevelEnabled('fatal')).toBe(false);
});
