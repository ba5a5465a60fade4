import type { ApiError } from './client';
import { send } from './client';
import { request } from './request';

const answerWith = (status: number, body: unknown) => {
  const asked = jest.fn(() =>
    Promise.resolve({
      ok: status < 400,
      status,
      json: () => Promise.resolve(body),
    } as Response),
  );
  globalThis.fetch = asked as typeof fetch;
  return asked;
};

it('fills in the ids of a route, each as one part of the path', async () => {
  const asked = answerWith(200, { ohms: 27 });
  const reading = await request(
    'get',
    '/api/timers/{timerId}/simulator/stations/{station}/reading',
    {
      path: { timerId: 'a/b', station: 3 },
    },
  );
  expect(reading).toEqual({ ohms: 27 });
  expect(asked).toHaveBeenCalledWith(
    '/api/timers/a%2Fb/simulator/stations/3/reading',
    expect.objectContaining({ method: 'GET', keepalive: false }),
  );
});

it('puts what is asked for after the path, and sends a body as JSON', async () => {
  const asked = answerWith(200, { version: 3 });
  await request('put', '/api/timers/{timerId}/settings', {
    path: { timerId: 't' },
    query: { on: '2026-06-01' },
    body: { version: 2, document: {} as never },
  });
  expect(asked).toHaveBeenCalledWith(
    '/api/timers/t/settings?on=2026-06-01',
    expect.objectContaining({ method: 'PUT', body: '{"version":2,"document":{}}' }),
  );
});

it('throws what the server says, with its places', async () => {
  answerWith(422, {
    title: 'Bad input',
    detail: 'One field needs fixing. Nothing was saved.',
    errors: [{ path: 'days', message: 'must be a whole number, 1 to 730' }],
  });
  await expect(
    request('post', '/api/sheets/{sheetId}/links', { path: { sheetId: 's' }, body: { days: 0 } }),
  ).rejects.toMatchObject({
    status: 422,
    message: 'One field needs fixing. Nothing was saved.',
    places: [{ path: 'days' }],
  });
});

it('an answer without content is none', async () => {
  answerWith(204, null);
  await expect(request('delete', '/api/session')).resolves.toBeUndefined();
});

const noConnection = expect.objectContaining({ status: 0, title: 'No connection' }) as ApiError;

it('gives up an answer that does not come', async () => {
  globalThis.fetch = ((_path, { signal }: RequestInit) =>
    new Promise((_, reject) => {
      signal!.addEventListener('abort', () => reject(signal!.reason as Error));
    })) as typeof fetch;
  await expect(send('/api/session', { method: 'GET', withinMs: 1 })).rejects.toEqual(noConnection);
});

it('says that there is no connection where an answer breaks off', async () => {
  globalThis.fetch = () =>
    Promise.resolve({
      ok: true,
      status: 200,
      json: () => Promise.reject(new SyntaxError('Unexpected end of JSON input')),
    } as Response);
  await expect(send('/api/session', { method: 'GET' })).rejects.toEqual(noConnection);
});
