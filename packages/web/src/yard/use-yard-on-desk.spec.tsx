/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../testing/in-app';
import { act, renderHook } from '@testing-library/react';
import { readYard, setStation, type Yard } from '@water-clock/core/yards';
import type { StoredYard } from '../api/timers';
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
  const { wrapper } = aroundScreens();
  const { result } = renderHook(() => useYardOnDesk(stored(1, plain)), { wrapper });
  return { result, held: () => held };
}

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

it('without a connection nothing is lost, and the next press saves it', async () => {
  const { result, held } = onDesk(stored(1, plain));
  const online = globalThis.fetch;
  globalThis.fetch = () => Promise.reject(new TypeError('Failed to fetch'));
  act(() => result.current.edit(setStation(1, { soil: 'clay' })));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(result.current.isChanged).toBe(true);
  globalThis.fetch = online;
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(held().document.stations[0]!.soil).toBe('clay');
});
