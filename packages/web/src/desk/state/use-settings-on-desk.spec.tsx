/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../../testing/in-app';
import { act, renderHook } from '@testing-library/react';
import { setProgram, setStation, type Plan } from '@water-clock/core/settings';
import { Yard } from '@water-clock/core/yards';
import type { StoredSettings } from '../../api/timers';
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
  const { wrapper, told } = aroundScreens();
  const { result } = renderHook(() => useSettingsOnDesk(stored(1, testPlan()), yard), { wrapper });
  const saves = () => asked.filter(({ method }) => method === 'PUT');
  return { result, saves, told, held: () => held };
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
      { number: 1, name: 'By the tap', enabled: true, rainSensor: true },
      { number: 2, enabled: true, rainSensor: true },
      { number: 3, enabled: true, rainSensor: true },
    ],
  });
  const { result, held } = onDesk(stored(2, named), yardNow);
  act(() => result.current.edit(startingAt('02:15')));
  await act(async () => expect(await result.current.save()).toBe(true));
  expect(result.current.theirs).toBeNull();
  expect(startOf(held().document)).toBe('02:15');
  expect(held().document.stations[0]!.name).toBe('By the tap');
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
