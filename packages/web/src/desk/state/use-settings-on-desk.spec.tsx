/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../../testing/in-app';
import { act, renderHook, waitFor } from '@testing-library/react';
import { setProgram, setStation, type Plan } from '@water-clock/core/settings';
import { Yard } from '@water-clock/core/yards';
import { timersKey, type StoredSettings } from '../../api/timers';
import { outbox } from '../../offline/browser-outbox';
import { useFlushing } from '../../offline/use-outbox';
import { testPlan } from '../../testing/plans';
import { useSettingsOnDesk } from './use-settings-on-desk';

const SETTINGS = '/api/timers/garage/settings';
const yard = Object.assign(new Yard(), { stations: [] });
const stored = (version: number, document: Plan, savedBy = 'Ines Marlow'): StoredSettings => ({
  timerId: 'garage',
  version,
  savedAt: '2026-06-01T08:00:00.000Z',
  savedBy,
  document,
});
const startOf = (plan: Plan) => plan.programs[0]!.starts[0];
const startingAt = (start: string) => setProgram('A', { starts: [start] });

/** The settings of version 1 on the desk; on the server is `now`, and a save goes in over it only. */
function onDesk(now: StoredSettings, yardNow: Yard = yard) {
  let held = now;
  const asked = answeringWith({
    [`GET ${SETTINGS}`]: () => ({ status: 200, body: held }),
    'GET /api/timers/garage/yard': () => ({
      status: 200,
      body: { ...stored(1, testPlan()), document: yardNow },
    }),
    [`PUT ${SETTINGS}`]: ({ body }: Asked) => {
      const { version, document } = body as StoredSettings;
      if (version !== held.version) return { status: 409, body: { detail: 'Saved by another.' } };
      held = stored(version + 1, document);
      return { status: 200, body: held };
    },
  });
  const { wrapper, told, client } = aroundScreens();
  const opened = (at: StoredSettings) =>
    renderHook(
      () => {
        useFlushing();
        return useSettingsOnDesk(at, yard);
      },
      { wrapper },
    );
  const { result, unmount } = opened(stored(1, testPlan()));
  const saves = () => asked.filter(({ method }) => method === 'PUT');
  return {
    ...{ result, saves, told, client, held: () => held },
    put: (next: StoredSettings) => (held = next),
    /** Leaves the desk, and opens it with what is stored by now. */
    again: () => {
      unmount();
      return opened(held).result;
    },
  };
}

afterEach(() => outbox.forget('ines'));

/** No connection until it is called. */
function withoutSignal(): () => void {
  const online = globalThis.fetch;
  answeringWith({});
  return () => {
    globalThis.fetch = online;
    window.dispatchEvent(new Event('online'));
  };
}

it('a save goes in, and what is on the desk is what is stored', async () => {
  const { result, saves, held } = onDesk(stored(1, testPlan()));
  act(() => result.current.edit(startingAt('02:15')));
  expect(result.current.isChanged).toBe(true);
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(saves()).toHaveLength(1);
  expect(startOf(held().document)).toBe('02:15');
  expect(result.current.isChanged).toBe(false);
  // And goes on from there.
  act(() => result.current.edit(startingAt('02:30')));
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(held().version).toBe(3);
});

it('somebody else’s is never overwritten: theirs is shown, and mine saved over it only when I say so', async () => {
  const theirs = stored(2, startingAt('05:00')(testPlan()), 'Tobias Fenn');
  const { result, held } = onDesk(theirs);
  act(() => result.current.edit(startingAt('02:15')));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(held()).toBe(theirs);
  expect(result.current.theirs?.savedBy).toBe('Tobias Fenn');
  expect(startOf(result.current.plan)).toBe('02:15');

  await act(async () => expect(await result.current.keepMine()).toBe(true));
  expect(held().version).toBe(3);
  expect(startOf(held().document)).toBe('02:15');
  expect(result.current.theirs).toBeNull();
});

it('theirs taken onto the desk is saved already, and mine is one undo away', async () => {
  const { result, saves } = onDesk(stored(2, startingAt('05:00')(testPlan()), 'Tobias Fenn'));
  act(() => result.current.edit(startingAt('02:15')));
  await act(async () => expect(await result.current.save()).toBe(false));
  act(() => result.current.takeTheirs());
  expect(startOf(result.current.plan)).toBe('05:00');
  expect(result.current.isChanged).toBe(false);
  act(() => result.current.undo());
  expect(startOf(result.current.plan)).toBe('02:15');
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(saves().map(({ body }) => (body as StoredSettings).version)).toEqual([1, 2]);
});

it('a yard that was saved meanwhile is nobody else: its names are taken in below what is edited', async () => {
  const named = setStation(1, { name: 'By the tap' })(testPlan());
  const yardNow = Object.assign(new Yard(), {
    stations: [
      { number: 1, name: 'By the tap', enabled: true, rainSensor: true, freezeSensor: true },
      { number: 2, enabled: true, rainSensor: true, freezeSensor: true },
      { number: 3, enabled: true, rainSensor: true, freezeSensor: true },
    ],
  });
  const { result, held } = onDesk(stored(2, named), yardNow);
  act(() => result.current.edit(startingAt('02:15')));
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(result.current.theirs).toBeNull();
  expect(startOf(held().document)).toBe('02:15');
  expect(held().document.stations[0]!.name).toBe('By the tap');
});

it('what was saved elsewhere is shown where nothing is edited, and not where something is', async () => {
  const { result, put, client } = onDesk(stored(1, testPlan()));
  const theirs = (version: number, start: string) =>
    put(stored(version, startingAt(start)(testPlan()), 'Tobias Fenn'));
  const hear = () => act(() => client.invalidateQueries({ queryKey: timersKey }));
  await waitFor(() => expect(client.isFetching()).toBe(0));
  theirs(2, '05:00');
  await hear();
  await waitFor(() => expect(startOf(result.current.plan)).toBe('05:00'));
  expect([result.current.isChanged, result.current.canUndo]).toEqual([false, false]);

  act(() => result.current.edit(startingAt('02:15')));
  theirs(3, '05:30');
  await hear();
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(startOf(result.current.plan)).toBe('02:15');
  expect(result.current.theirs?.version).toBe(3);
});

it('what is refused stays on the desk, unsaved', async () => {
  const { result, told } = onDesk(stored(1, testPlan()));
  answeringWith({
    [`PUT ${SETTINGS}`]: { status: 422, body: { title: 'Bad input', detail: 'Not so.' } },
  });
  act(() => result.current.edit(startingAt('02:15')));
  await act(async () => expect(await result.current.save()).toBe(false));
  expect(result.current.isChanged).toBe(true);
  expect(startOf(result.current.plan)).toBe('02:15');
  expect(told).toEqual(['Not saved, your changes are still here. Not so.']);
});

describe('without signal', () => {
  it('a save is on this device, and goes in when the signal is back', async () => {
    const { result, held, told } = onDesk(stored(1, testPlan()));
    const back = withoutSignal();
    for (const start of ['02:15', '02:20']) {
      act(() => result.current.edit(startingAt(start)));
      await act(async () => expect(await result.current.save()).toBe(true));
      expect(result.current.isChanged).toBe(false);
    }
    expect(held().version).toBe(1);
    expect(outbox.snapshot()).toHaveLength(2);

    act(back);
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
    expect(held().version).toBe(3);
    expect(startOf(held().document)).toBe('02:20');
    // And what comes next is no conflict with oneself.
    act(() => result.current.edit(startingAt('02:30')));
    await act(async () => expect(await result.current.save()).toBe(true));
    expect(held().version).toBe(4);
    expect(result.current.theirs).toBeNull();
    expect(told).toEqual([]);
  });

  it('one that meets somebody else’s is on the desk again, unsaved, to be chosen', async () => {
    const { result, held, put } = onDesk(stored(1, testPlan()));
    const back = withoutSignal();
    act(() => result.current.edit(startingAt('02:15')));
    await act(async () => expect(await result.current.save()).toBe(true));
    const theirs = stored(2, startingAt('05:00')(testPlan()), 'Tobias Fenn');
    put(theirs);
    act(back);
    await waitFor(() => expect(result.current.theirs?.savedBy).toBe('Tobias Fenn'));
    expect(held()).toBe(theirs);
    expect(startOf(result.current.plan)).toBe('02:15');
    expect(result.current.isChanged).toBe(true);
    await act(async () => expect(await result.current.keepMine()).toBe(true));
    expect(startOf(held().document)).toBe('02:15');
    expect(held().version).toBe(3);
    expect(result.current.theirs).toBeNull();
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
  });

  it('is not covered by theirs, though the desk hears of them before the save could be sent', async () => {
    const { result, put, client } = onDesk(stored(1, testPlan()));
    const quick = globalThis.fetch;
    withoutSignal();
    act(() => result.current.edit(startingAt('02:15')));
    await act(async () => expect(await result.current.save()).toBe(true));
    put(stored(2, startingAt('05:00')(testPlan()), 'Tobias Fenn'));
    globalThis.fetch = quick;
    await act(() => client.refetchQueries({ queryKey: timersKey }));
    expect(startOf(result.current.plan)).toBe('02:15');
    // What is stored by now comes late, once the save is refused; what the desk has heard of is there.
    const isRefused = () => outbox.snapshot().some(({ trouble }) => trouble !== undefined);
    globalThis.fetch = async (path, init) => {
      if (isRefused() && typeof path === 'string' && path.startsWith(SETTINGS))
        await new Promise((resolve) => setTimeout(resolve, 200));
      return quick(path, init);
    };
    act(() => void window.dispatchEvent(new Event('online')));
    await waitFor(() => expect(result.current.theirs?.savedBy).toBe('Tobias Fenn'));
    expect(startOf(result.current.plan)).toBe('02:15');
    expect(result.current.isChanged).toBe(true);
  });

  it('it is there to be chosen after the desk was left, and theirs can be taken', async () => {
    const { result, held, put, again } = onDesk(stored(1, testPlan()));
    const back = withoutSignal();
    act(() => result.current.edit(startingAt('02:15')));
    await act(async () => expect(await result.current.save()).toBe(true));
    put(stored(2, startingAt('05:00')(testPlan()), 'Tobias Fenn'));
    act(back);
    await waitFor(() => expect(outbox.snapshot()[0]?.trouble).toBeDefined());
    const desk = again();
    expect(startOf(desk.current.plan)).toBe('02:15');
    expect(desk.current.isChanged).toBe(true);
    expect(desk.current.theirs?.savedBy).toBe('Tobias Fenn');
    // Saved without choosing, it asks again and overwrites nothing.
    act(() => desk.current.decideLater());
    await act(async () => expect(await desk.current.save()).toBe(false));
    expect(held().version).toBe(2);
    expect(desk.current.theirs?.savedBy).toBe('Tobias Fenn');
    act(() => desk.current.takeTheirs());
    expect(startOf(desk.current.plan)).toBe('05:00');
    expect(desk.current.isChanged).toBe(false);
    await waitFor(() => expect(outbox.snapshot()).toEqual([]));
  });
});
