import type { NestExpressApplication } from '@nestjs/platform-express';
import { planOf } from '../../../core/src/testing/plans.js';
import { createSimulator } from './application.js';

let simulator: NestExpressApplication;
let url: string;
let milliseconds = 0;

beforeAll(async () => {
  simulator = await createSimulator(() => milliseconds);
  await simulator.listen(0, '127.0.0.1');
  url = await simulator.getUrl();
});
afterAll(() => simulator.close());

const ask = async (method: string, path: string, body?: object, room = 'timers') => {
  const answer = await fetch(`${url}/${room}/${path}`, {
    method,
    ...(body && {
      body: JSON.stringify(body),
      headers: { 'content-type': 'application/json' },
    }),
  });
  const text = await answer.text();
  const isJson = answer.headers.get('content-type')?.includes('json');
  return { status: answer.status, body: isJson ? JSON.parse(text) : text };
};

const document = planOf({ stations: [{ number: 1 }, { number: 2 }], programs: [] });
const reads = '2026-06-01T03:00:00';

it('runs as fast as it is told, by the true time', async () => {
  await ask('PUT', 'shed/settings', { reads, document });
  milliseconds += 2500;
  expect((await ask('GET', 'shed')).body).toMatchObject({ clock: '2026-06-01T03:00:02', speed: 1 });
  milliseconds += 500;
  expect((await ask('GET', 'shed')).body.clock).toBe('2026-06-01T03:00:03');
  await ask('POST', 'shed/commands', { command: 'clock', speed: 10_000 });
  milliseconds += 8640;
  expect((await ask('GET', 'shed')).body.clock).toBe('2026-06-02T03:00:03');
  await ask('POST', 'shed/commands', { command: 'clock', speed: 0 });
  milliseconds += 10_000;
  expect((await ask('GET', 'shed')).body.clock).toBe('2026-06-02T03:00:03');
});

it('asks in the order of its kind, one press or many at a time, and is set back', async () => {
  const keyInOrder = ['percent', 'starts', 'run-times', 'days', 'clock', 'extras'];
  await ask('PUT', 'patio/settings', { reads, document, handling: { keyInOrder } });
  const press = (button: string, times = 1) =>
    ask('POST', 'patio/commands', { command: 'press', button, times });
  expect((await ask('GET', 'patio')).body.front).toMatchObject({ part: 'percent', place: 1 });
  await press('part');
  expect((await press('plus', 17)).body.front).toMatchObject({ what: 'Start 1', value: '04:00' });
  expect((await ask('GET', 'patio')).body.programsAmiss).toEqual(['A']);
  await ask('POST', 'patio/commands', { command: 'run-from', station: 2, seconds: 60 });
  expect((await ask('GET', 'patio')).body).toMatchObject({
    lit: [2],
    watered: [{ station: 2, from: reads, to: reads }],
  });
  const { body } = await ask('POST', 'patio/commands', { command: 'reset' });
  expect(body).toMatchObject({ lit: [], programsAmiss: [], front: { value: 'off' } });
  const wrong = await ask('PUT', 'patio/settings', {
    reads,
    document,
    handling: { wiring: 'rope' },
  });
  expect(wrong).toMatchObject({ status: 422, body: { errors: [{ path: 'handling.wiring' }] } });
  const all = (await ask('GET', '')).body.timers as { name: string }[];
  expect(all.map(({ name }) => name)).toContain('patio');
});

it('plays a case: shows what a technician would see, takes no more, and judges how it is left', async () => {
  const practise = (method: string, path: string, body?: object) =>
    ask(method, path, body, 'practice');
  expect(await practise('PUT', 'ines', { lesson: 'moon', seed: -1 })).toMatchObject({
    ...{ status: 422, body: { errors: [{ path: 'lesson' }, { path: 'seed' }] } },
  });
  expect((await practise('GET', 'ines')).status).toBe(404);
  const { body } = await practise('PUT', 'ines', { lesson: 'electrical-faults', seed: 4 });
  expect(body).toMatchObject({ lit: [], open: [], front: { part: 'clock' } });
  expect(body).not.toHaveProperty('faults');
  expect(body).not.toHaveProperty('watered');
  const command = (fields: object) => practise('POST', 'ines/commands', fields);
  expect((await command({ command: 'fault', station: 1, fault: 'open' })).status).toBe(422);
  // The clock is set at the front, and nowhere else; how fast time goes is one's own.
  expect((await command({ command: 'clock', reads })).status).toBe(422);
  await command({ command: 'clock', speed: 60 });
  const { body: before } = await practise('GET', 'ines');
  milliseconds += 1000;
  const { body: later } = await practise('GET', 'ines');
  const seconds = (one: { trueTime: string }) => Date.parse(`${one.trueTime}Z`) / 1000;
  expect([later.speed, seconds(later) - seconds(before)]).toEqual([60, 60]);
  const readings = await Promise.all(
    [1, 2, 3, 4].map((station) => practise('GET', `ines/stations/${station}/reading`)),
  );
  const broken = readings.findIndex(({ body: { ohms } }) => ohms === null || ohms < 10) + 1;
  expect(broken).toBeGreaterThan(0);
  expect((await practise('POST', 'ines/judgement')).body).toMatchObject({ isRight: false });
  for (const part of ['wire-open', 'coil-short', 'coil-open', 'common-open'])
    await command({ command: 'replace', of: part, station: broken });
  const { body: judged } = await practise('POST', 'ines/judgement');
  expect(judged).toMatchObject({ isRight: true, wrong: [], presses: 0 });
  expect(judged.needless).toHaveLength(3);
});

it('does what it is told, and tells what it did', async () => {
  await ask('PUT', 'garage/settings', { reads, document });
  const { body } = await ask('POST', 'garage/commands', {
    command: 'run-station',
    station: 2,
    seconds: 90,
  });
  expect(body.open).toEqual([{ station: 2, program: '', secondsLeft: 90 }]);
  await ask('POST', 'garage/commands', { command: 'fault', station: 2, fault: 'open' });
  expect((await ask('GET', 'garage/stations/2/reading')).body).toEqual({ ohms: null, amps: 0 });
  const log = (await ask('GET', 'garage/log.csv')).body as string;
  expect(log.split('\n')[0]).toBe('at,event,program,startNumber,nominal,station,piece,note');
  expect(log).toContain('2026-06-01T03:00:00,open,,,,2,1,');
  expect((await ask('DELETE', 'garage')).status).toBe(204);
  expect((await ask('GET', 'garage')).status).toBe(404);
});

it('answers a search of its two wires, and a test of each unit', async () => {
  await ask('PUT', 'cellar/settings', { reads, document });
  const { units } = (await ask('GET', 'cellar/units')).body as { units: { serial: string }[] };
  expect(units).toEqual([
    { serial: expect.stringMatching(/^VU-\d{5}$/), address: 1 },
    { serial: expect.stringMatching(/^VU-\d{5}$/), address: 2 },
  ]);
  const test = async (serial: string) => (await ask('GET', `cellar/units/${serial}/test`)).body;
  const [first, second] = units.map(({ serial }) => serial) as [string, string];
  expect(await test(first.toLowerCase())).toMatchObject({ result: 'fine' });
  expect((await test(first)).milliamps).toBeGreaterThan(100);
  expect(await test('VU-0')).toEqual({ result: 'silent', milliamps: null });

  await ask('POST', 'cellar/commands', { command: 'fault', station: 1, fault: 'short' });
  await ask('POST', 'cellar/commands', { command: 'fault', station: 2, fault: 'open' });
  expect((await ask('GET', 'cellar/units')).body.units).toEqual([{ serial: second, address: 2 }]);
  expect(await test(first)).toMatchObject({ result: 'short' });
  expect(await test(second)).toEqual({ result: 'open', milliamps: 0 });

  await ask('POST', 'cellar/commands', { command: 'cut-power' });
  expect((await ask('GET', 'cellar/units')).body).toEqual({ units: [] });
  expect(await test(second)).toEqual({ result: 'silent', milliamps: null });
});

it('has units to be found before anybody told it of its stations', async () => {
  const timer = { ...document.timer, stations: 48 };
  await ask('PUT', 'attic/settings', { reads, document: { ...document, timer, stations: [] } });
  const { units } = (await ask('GET', 'attic/units')).body as { units: { serial: string }[] };
  expect(new Set(units.map(({ serial }) => serial)).size).toBe(8);
});

it('refuses what it cannot do, every fault at its place, and stays as it was', async () => {
  await ask('PUT', 'carport/settings', { reads, document });
  const wrong = { reads: 'noon', document: { ...document, stations: [{ number: 0 }] } };
  const refused = await ask('PUT', 'carport/settings', wrong);
  expect(refused.status).toBe(422);
  expect(refused.body.errors.map(({ path }: { path: string }) => path)).toEqual([
    'reads',
    'document.stations[0].number',
  ]);
  const send = (command: object) => ask('POST', 'carport/commands', command);
  expect(await send({ command: 'explode' })).toMatchObject({ status: 422 });
  expect(
    (await send({ command: 'run-station', station: 0, seconds: 'x', more: 1 })).body.errors,
  ).toHaveLength(3);
  expect(await send({ command: 'run-station', station: 9, seconds: 60 })).toMatchObject({
    status: 409,
  });
  expect(await send({ command: 'restore' })).toMatchObject({ status: 409 });
  expect((await ask('GET', 'carport')).body).toMatchObject({ clock: reads, open: [] });
});
