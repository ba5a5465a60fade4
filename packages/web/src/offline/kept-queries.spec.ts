/** @jest-environment jsdom */
import '../testing/in-browser';
import 'fake-indexeddb/auto';
import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { waitFor } from '@testing-library/dom';
import { createStore, keys } from 'idb-keyval';
import { ApiError } from '../api/client';
import { EDITED, KEPT } from '../api/kept';
import { forgetQueries, keepAnswer, keptAnswers } from './kept-queries';

/** The queries of one opening of the application: what is not on the device is asked for. */
const opened = () =>
  new QueryClient({
    defaultOptions: { queries: { persister: keptAnswers.persisterFn, retry: false } },
  });

const asking = (answer: () => Promise<string>) => ({
  queryKey: ['copies', 'of', 'garage'],
  queryFn: answer,
  staleTime: 0,
  ...KEPT,
});
const there = (words: string) => jest.fn(() => Promise.resolve(words));
const noSignal = jest.fn(() => Promise.reject<string>(new Error('No connection')));

type Shown = Pick<ReturnType<typeof asking>, 'queryKey' | 'queryFn' | 'staleTime' | 'gcTime'>;

/** What a screen shows first of an answer; it fails where there is none and none can be had. */
const shown = (options: Shown, client = opened()): Promise<string> =>
  new Promise((resolve, reject) => {
    const observer = new QueryObserver(client, options);
    const look = () => {
      const { data, error } = observer.getCurrentResult();
      if (data !== undefined) resolve(data);
      else if (error) reject(error);
    };
    observer.subscribe(look);
    look();
  });

/** What lies on the device; it is written a moment after the answer is there. */
const onDevice = () => keys(createStore('water-clock-answers', 'answers'));
const untilThere = (count: number) =>
  waitFor(async () => expect(await onDevice()).toHaveLength(count));

beforeEach(async () => {
  await forgetQueries();
  // What is asked for in the same moment would count as forgotten.
  await new Promise((done) => setTimeout(done, 5));
});

it('an answer is there without signal when the application is opened again', async () => {
  expect(await opened().query(asking(there('three copies')))).toBe('three copies');
  await untilThere(1);
  expect(await shown(asking(noSignal))).toBe('three copies');
});

it('an answer that was on its way to the device when all was forgotten stays off it', async () => {
  await opened().query(asking(there('three copies')));
  await forgetQueries();
  // It would be written a moment after the answer is there.
  await new Promise((done) => setTimeout(done, 100));
  expect(await onDevice()).toEqual([]);
  // What is asked for afterwards is kept again.
  await opened().query(asking(there('four copies')));
  await untilThere(1);
});

it('what is kept is shown at once, and asked for again all the same', async () => {
  await opened().query(asking(there('three copies')));
  await untilThere(1);
  const client = opened();
  const fresh = there('four copies');
  expect(await shown(asking(fresh), client)).toBe('three copies');
  await waitFor(() => expect(client.getQueryData(asking(fresh).queryKey)).toBe('four copies'));
  expect(fresh).toHaveBeenCalledTimes(1);
});

it('an answer that is not marked so leaves nothing on the device', async () => {
  const { meta: _meta, ...loose } = asking(there('three copies'));
  const client = opened();
  await client.query({ ...loose, queryKey: ['copies', 'loose'] });
  await client.query({ ...asking(there('four copies')), queryKey: ['copies', 'kept'] });
  await untilThere(1);
  expect(await onDevice()).toEqual([expect.stringContaining('kept')]);
  const looseAgain = { ...asking(noSignal), queryKey: ['copies', 'loose'] };
  await expect(shown(looseAgain)).rejects.toThrow('No connection');
});

it('an answer that came with a write is kept as one that was asked for', async () => {
  const client = opened();
  await client.query(asking(there('three copies')));
  await untilThere(1);
  await keepAnswer(client, asking(noSignal).queryKey, 'four copies');
  expect(await shown(asking(noSignal))).toBe('four copies');
});

it('whoever signs in next finds nothing', async () => {
  await opened().query(asking(there('three copies')));
  await untilThere(1);
  await forgetQueries();
  await expect(shown(asking(noSignal))).rejects.toThrow('No connection');
});

describe('what is edited', () => {
  const editing = (answer: () => Promise<string>, timer = 'garage') => ({
    queryKey: ['timers', 'yard', timer],
    queryFn: answer,
    ...EDITED,
  });
  const unreachable = () => Promise.reject<string>(new ApiError(0, 'No connection', 'Try again.'));
  const refused = () => Promise.reject<string>(new ApiError(404, 'Not found', 'There is none.'));

  it('begins with the newest of the server, whatever lies on the device', async () => {
    await opened().query(editing(there('three stations')));
    await untilThere(1);
    expect(await shown(editing(there('four stations')))).toBe('four stations');
  });

  it('begins with what was kept last where nobody can be asked', async () => {
    await opened().query(editing(there('two stations'), 'carport'));
    await waitFor(async () =>
      expect(await onDevice()).toContainEqual(expect.stringContaining('carport')),
    );
    expect(await shown(editing(unreachable, 'carport'))).toBe('two stations');
    // What was refused is not there any more; and what was never had cannot be shown.
    await expect(shown(editing(refused, 'carport'))).rejects.toThrow('There is none.');
    await expect(shown(editing(unreachable, 'shed'))).rejects.toThrow('Try again.');
  });
});
