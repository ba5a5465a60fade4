/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../testing/in-app';
import { act, renderHook, waitFor } from '@testing-library/react';
import { readYard, setStation, type Yard } from '@water-clock/core/yards';
import { timersKey, type StoredYard } from '../api/timers';
import { outbox } from '../offline/browser-outbox';
import { useFlushing } from '../offline/use-outbox';
import { useYardOnDesk } from './use-yard-on-desk';

const YARD = '/api/timers/garage/yard';

function yardOf(...stations: object[]): Yard {
  const read = readYard({ format: 'waterclock.yard/1', stations });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}
const plain = yardOf({ number: 1, name: 'Kerb strip', soil: 'loam' }, { number: 2, name: 'Hedge' });
const stored = (version: number, document: Yard, savedBy = 'Ines Marlow'): StoredYard => ({
  timerId: 'garage',
  version,
  savedAt: '2026-06-01T08:00:00.000Z',
  savedBy,
  document,
});

/** The yard of version 1 on the screen; on the server is `now`. */
function onDesk(now: StoredYard) {
  let held = now;
  answeringWith({
    [`GET ${YARD}`]: () => ({ status: 200, body: held }),
    [`PUT ${YARD}`]: ({ body }: Asked) => {
      const { version, document } = body as StoredYard;
      if (version !== held.version) return { status: 409, body: { detail: 'Saved by another.' } };
      held = stored(version + 1, document);
      return { status: 200, body: held };
    },
  });
  const { wrapper, client } = aroundScreens();
  const opened = (at: StoredYard) =>
    renderHook(
      () => {
        useFlushing();
        return useYardOnDesk(at);
      },
      { wrapper },
    );
  const { result, unmount } = opened(stored(1, plain));
  return {
    ...{ result, client, held: () => held, put: (next: StoredYard) => (held = next) },
    /** Leaves the screen, and opens it with what is stored by now. */
    again: () => {
      unmount();
      return opened(held).result;
    },
  };
}

afterEach(() => outbox.forget('ines'));

it('what two changed in different places is brought together, and saved with one more press', async () => {
  const theirs = stored(2, setStation(2, { name: 'Long hedge' })(plain), 'Tobias Fenn');
  const { result, held } = onDesk(theirs);
  act(() => result.current.edit(setStation(1, { soil: 'clay' })));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(held()).toBe(theirs);
  expect(result.current.meanwhile).toMatchObject({ who: 'Tobias Fenn', conflicts: [] });
  expect(result.current.yard.stations).toMatchObject([{ soil: 'clay' }, { name: 'Long hedge' }]);
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(held().version).toBe(3);
  expect(held().document.stations).toMatchObject([{ soil: 'clay' }, { name: 'Long hedge' }]);
  expect(result.current.meanwhile).toBeNull();
});

it('what both changed stands as mine, and theirs is told beside it', async () => {
  const { result } = onDesk(stored(2, setStation(1, { soil: 'sand' })(plain), 'Tobias Fenn'));
  act(() => result.current.edit(setStation(1, { soil: 'clay' })));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(result.current.yard.stations[0]!.soil).toBe('clay');
  expect(result.current.meanwhile?.conflicts).toMatchObject([{ number: 1, field: 'soil' }]);
});

it('what was saved elsewhere is shown where nothing is edited, and met where something is', async () => {
  const { result, put, client } = onDesk(stored(1, plain));
  const hear = () => act(() => client.invalidateQueries({ queryKey: timersKey }));
  await waitFor(() => expect(client.isFetching()).toBe(0));
  put(stored(2, setStation(2, { name: 'Long hedge' })(plain), 'Tobias Fenn'));
  await hear();
  await waitFor(() => expect(result.current.yard.stations[1]!.name).toBe('Long hedge'));
  expect(result.current.isChanged).toBe(false);

  act(() => result.current.edit(setStation(1, { soil: 'clay' })));
  put(stored(3, setStation(2, { name: 'High hedge' })(plain), 'Tobias Fenn'));
  await hear();
  expect(result.current.yard.stations[1]!.name).toBe('Long hedge');
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(result.current.meanwhile?.who).toBe('Tobias Fenn');
});

describe('without signal', () => {
  /** Makes the loam of station 1 clay and saves it without signal. Gives how the signal comes back. */
  async function savedHere(result: { current: ReturnType<typeof useYardOnDesk> }) {
    const online = globalThis.fetch;
    answeringWith({});
    act(() => result.current.edit(setStation(1, { soil: 'clay' })));
    await act(async () => expect(await result.current.save()).toBe(true));
    expect(result.current.isChanged).toBe(false);
    expect(outbox.snapshot()).toHaveLength(1);
    return () => {
      globalThis.fetch = online;
      window.dispatchEvent(new Event('online'));
    };
  }

  it('a save is on this device, and goes in when the signal is back', async () => {
    const { result, held } = onDesk(stored(1, plain));
    const back = await savedHere(result);
    expect(held().version).toBe(1);
    act(back);
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
    expect(held().document.stations[0]!.soil).toBe('clay');
    expect(result.current.meanwhile).toBeNull();
  });

  it('what somebody else changed in another place stays beside it', async () => {
    const { result, held } = onDesk(
      stored(2, setStation(2, { name: 'Long hedge' })(plain), 'Tobias Fenn'),
    );
    const back = await savedHere(result);
    act(back);
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
    expect(held().version).toBe(3);
    expect(held().document.stations).toMatchObject([{ soil: 'clay' }, { name: 'Long hedge' }]);
  });

  it('what both changed is on the screen to be chosen, unsaved', async () => {
    const theirs = stored(2, setStation(1, { soil: 'sand' })(plain), 'Tobias Fenn');
    const { result, held } = onDesk(theirs);
    const back = await savedHere(result);
    act(back);
    await waitFor(() => expect(result.current.meanwhile?.who).toBe('Tobias Fenn'));
    expect(held()).toBe(theirs);
    expect(result.current.meanwhile?.conflicts).toMatchObject([{ number: 1, field: 'soil' }]);
    expect(result.current.yard.stations[0]!.soil).toBe('clay');
    expect(result.current.isChanged).toBe(true);
    await act(async () => expect(await result.current.save()).toBe(true));
    expect(held().document.stations[0]!.soil).toBe('clay');
    expect(held().version).toBe(3);
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
  });

  it('it is there to be chosen after the screen was left', async () => {
    const theirs = stored(2, setStation(1, { soil: 'sand' })(plain), 'Tobias Fenn');
    const { result, again } = onDesk(theirs);
    const back = await savedHere(result);
    act(back);
    await waitFor(() => expect(outbox.snapshot()[0]?.trouble).toBeDefined());
    const yard = again();
    expect(yard.current.meanwhile?.conflicts).toMatchObject([{ mine: 'clay', theirs: 'sand' }]);
    expect(yard.current.yard.stations[0]!.soil).toBe('clay');
    expect(yard.current.isChanged).toBe(true);
  });
});
