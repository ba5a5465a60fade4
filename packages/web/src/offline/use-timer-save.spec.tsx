/** @jest-environment jsdom */
import { aroundScreens, answeringWith, type Asked } from '../testing/in-app';
import { act, renderHook } from '@testing-library/react';
import { Yard, YardStation } from '@water-clock/core/yards';
import type { StoredYard } from '../api/timers';
import { outbox } from './browser-outbox';
import { bodyOf } from './outbox';
import type { OutboxItem } from './outbox-item';
import { useSettleRefused, useTimerSave } from './use-timer-save';

const YARD = '/api/timers/garage/yard';
const yard = (name: string) =>
  Object.assign(new Yard(), { stations: [{ ...new YardStation(), number: 1, name }] });
const stored = (version: number, name: string): StoredYard => ({
  ...{ timerId: 'garage', version, savedAt: '2026-06-01T08:00:00.000Z', savedBy: 'Ines Marlow' },
  document: yard(name),
});

/** A save of the yard that lies on the device. */
function saveOf(personId: string, trouble?: string): OutboxItem {
  const save = { what: 'yard', base: stored(1, 'Kerb'), document: yard('Strip') } as const;
  return {
    ...{ id: `${personId} ${trouble ?? 'waits'}`, madeAt: '2026-06-01T09:00:00.000Z', personId },
    ...{ lane: 'garage', method: 'PUT', path: '/timers/garage/yard', touches: [], save },
    ...{ body: bodyOf(save), words: 'The yard', ...(trouble !== undefined && { trouble }) },
  };
}

function saving() {
  const asked = answeringWith({
    [`PUT ${YARD}`]: ({ body }: Asked) => ({
      status: 200,
      body: { ...stored(3, 'Hedge'), ...(body as object) },
    }),
  });
  const { wrapper } = aroundScreens();
  const { result } = renderHook(
    () => ({ ...useTimerSave('garage', 'yard'), settle: useSettleRefused('garage', 'yard') }),
    { wrapper },
  );
  return { asked, result };
}

const left = () => outbox.snapshot().map(({ id }) => id);
afterEach(async () => {
  for (const id of left()) await outbox.discard(id);
});

it('a save of something else of the same document leaves what was refused where it is', async () => {
  await outbox.add(saveOf('ines', 'No.'));
  const { result } = saving();
  await act(async () => {
    const done = await result.current.write({ base: stored(2, 'Kerb'), document: yard('Hedge') });
    expect(done).toMatchObject({ answer: { saved: { document: yard('Hedge') } } });
  });
  expect(left()).toEqual(['ines No.']);
  await act(() => result.current.settle());
  expect(left()).toEqual([]);
});

it('what another person left on the device neither holds a save up nor is forgotten with one’s own', async () => {
  for (const item of [saveOf('tobias'), saveOf('tobias', 'No.'), saveOf('ines', 'No.')])
    await outbox.add(item);
  const { asked, result } = saving();
  await act(async () => {
    await result.current.write({ base: stored(2, 'Kerb'), document: yard('Hedge') });
    await result.current.settle();
  });
  expect(asked.map(({ method }) => method)).toEqual(['PUT']);
  expect(left()).toEqual(['tobias waits', 'tobias No.']);
});
