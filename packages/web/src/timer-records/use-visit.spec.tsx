/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../testing/in-app';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { RecordedEntry } from '../api/visits';
import { outbox } from '../offline/browser-outbox';
import { useFlushing, useOutbox } from '../offline/use-outbox';
import { useBeginVisit, useOpenVisit } from './use-visit';

const VISITS = '/api/timers/garage/visits';

interface Known {
  id: string;
  endedAt: string | null;
  entries: RecordedEntry[];
}

/** A server that keeps visits, until it cannot be reached. */
function serverWith(known: Known[]) {
  const listing = ({ id, endedAt }: Known) => ({
    id,
    timerId: 'garage',
    startedAt: '2026-06-01T08:00:00.000Z',
    startedBy: 'Ines Marlow',
    endedAt,
    endedBy: '',
  });
  const one = (visit: Known) => ({ ...listing(visit), entries: visit.entries });
  let isThere = true;
  const asked = answeringWith({
    [`GET ${VISITS}`]: () => ({ status: 200, body: known.map(listing) }),
    [`POST ${VISITS}`]: ({ body }: Asked) => {
      const visit = { id: (body as { id: string }).id, endedAt: null, entries: [] };
      known.unshift(visit);
      return { status: 201, body: one(visit) };
    },
  });
  const online = globalThis.fetch;
  globalThis.fetch = ((path: string, init: { method: string; body?: string }) => {
    if (!isThere) return Promise.reject(new TypeError('Failed to fetch'));
    const visit = known.find(({ id }) => path.startsWith(`/api/visits/${id}`));
    if (!visit) return online(path, init);
    const answer = (status: number, body: unknown) =>
      Promise.resolve({ ok: true, status, json: () => Promise.resolve(structuredClone(body)) });
    if (init.method === 'GET') return answer(200, one(visit));
    if (init.method === 'PATCH') {
      visit.endedAt = '2026-06-01T09:00:00.000Z';
      return answer(200, one(visit));
    }
    const { document, ...body } = JSON.parse(init.body!) as { document: RecordedEntry['entry'] };
    const number = visit.entries.length + 1;
    visit.entries.push({
      ...body,
      number,
      person: 'Ines Marlow',
      entry: document,
    } as RecordedEntry);
    return answer(201, visit.entries.at(-1));
  }) as unknown as typeof fetch;
  return {
    asked,
    goAway: () => (isThere = false),
    comeBack: () => (isThere = true),
  };
}

function onSite() {
  const { wrapper } = aroundScreens();
  const { result, unmount } = renderHook(
    () => {
      useFlushing();
      return { open: useOpenVisit('garage'), begin: useBeginVisit('garage'), waits: useOutbox() };
    },
    { wrapper },
  );
  return { result, unmount };
}

afterEach(() => outbox.forget('ines'));

it('is not known at first, and then none, where no visit goes on', async () => {
  serverWith([{ id: 'old', endedAt: '2026-05-01T09:00:00.000Z', entries: [] }]);
  const { result } = onSite();
  expect(result.current.open).toBeUndefined();
  await waitFor(() => expect(result.current.open).toBeNull());
});

it('begins without signal, holds what is entered, and all of it comes in, in its order', async () => {
  const known: Known[] = [];
  const server = serverWith(known);
  const { result, unmount } = onSite();
  await waitFor(() => expect(result.current.open).toBeNull());
  server.goAway();
  await act(async () => {
    await result.current.begin.write();
  });
  await waitFor(() => expect(result.current.open?.startedBy).toBe('Ines Marlow'));
  const { id } = result.current.open!;
  for (const station of [1, 2])
    await act(async () => {
      const entry = { kind: 'station' as const, station, faults: [], note: '' };
      expect(await result.current.open!.add(entry, `Station ${station}: fine`)).toBe(true);
    });
  await waitFor(() => expect([...result.current.open!.visit.stations.keys()]).toEqual([1, 2]));
  expect(known).toEqual([]);
  expect(result.current.waits).toHaveLength(3);
  unmount();

  // Opened again, with signal.
  server.comeBack();
  const again = onSite();
  await waitFor(() => expect(again.result.current.waits).toHaveLength(0), { timeout: 20_000 });
  expect(known).toMatchObject([{ id, entries: [{ number: 1 }, { number: 2 }] }]);
  await waitFor(() =>
    expect([...(again.result.current.open?.visit.stations.keys() ?? [])]).toEqual([1, 2]),
  );
});

it('is over for this device as soon as it is ended here, before the server has heard of it', async () => {
  const known: Known[] = [{ id: 'now', endedAt: null, entries: [] }];
  const server = serverWith(known);
  const { result } = onSite();
  await waitFor(() => expect(result.current.open?.id).toBe('now'));
  server.goAway();
  await act(async () => expect(await result.current.open!.end()).toBe(true));
  await waitFor(() => expect(result.current.open).toBeNull());
  expect(known[0]!.endedAt).toBeNull();
  server.comeBack();
  await waitFor(() => expect(known[0]!.endedAt).not.toBeNull(), { timeout: 20_000 });
});
