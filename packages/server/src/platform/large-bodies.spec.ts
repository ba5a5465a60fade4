import { setTimeout as pause } from 'node:timers/promises';
import express from 'express';
import request from 'supertest';
import { largeBodiesInTurn } from './large-bodies.js';
import { ProblemException } from './problem.js';

const large = 'x'.repeat(70_000);

/** A server that tells when it begins and ends what it was sent, each of which takes it a while. */
function serverThatTells(takesMs = 20) {
  const told: string[] = [];
  const app = express();
  app.set('trust proxy', true);
  app.use(largeBodiesInTurn());
  app.use(express.text({ limit: '1mb' }));
  app.post('/:name', (asked, answer, next) => {
    const name = asked.path.slice(1);
    told.push(`${name} begins`);
    pause(takesMs).then(() => {
      told.push(`${name} ends`);
      answer.send('done');
    }, next);
  });
  app.use(
    (
      error: unknown,
      _asked: express.Request,
      answer: express.Response,
      next: express.NextFunction,
    ) => {
      if (error instanceof ProblemException) answer.status(error.getStatus()).end();
      else next(error);
    },
  );
  const send = (name: string, body: string, from = '10.0.0.1') =>
    request(app)
      .post(`/${name}`)
      .set('Content-Type', 'text/plain')
      .set('X-Forwarded-For', from)
      .send(body);
  return { told, send };
}

it('large bodies of one address are taken one after the other; small ones, and those of others, do not wait', async () => {
  const { told, send } = serverThatTells();
  await Promise.all([
    send('first', large).expect(200),
    send('second', large).expect(200),
    send('third', large).expect(200),
    send('small', 'x').expect(200),
    send('other', large, '10.0.0.2').expect(200),
  ]);
  const ofOne = told.filter((words) => /^(first|second|third) /.test(words));
  expect(ofOne.filter((_, index) => index % 2 === 0).map((words) => words.split(' ')[1])).toEqual([
    'begins',
    'begins',
    'begins',
  ]);
  for (let index = 0; index < 6; index += 2)
    expect(ofOne[index + 1]).toBe(ofOne[index]!.replace('begins', 'ends'));
  const secondBegins = told.indexOf(ofOne[2]!);
  for (const name of ['small', 'other'])
    expect(told.indexOf(`${name} begins`)).toBeLessThan(secondBegins);
});

it('more than a few that wait are told to come again, and those that wait are still answered', async () => {
  const { told, send } = serverThatTells(1);
  const answers = await Promise.all(
    Array.from({ length: 30 }, (_, index) => send(`n${index}`, large)),
  );
  const count = (status: number) => answers.filter((answer) => answer.status === status).length;
  expect([count(200), count(503)]).toEqual([20, 10]);
  expect(told).toHaveLength(40);
  // Nobody waits any more: the next one is taken.
  await send('later', large).expect(200);
});
