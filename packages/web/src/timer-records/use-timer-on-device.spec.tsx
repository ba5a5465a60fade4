/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { copiesKey } from '../api/copies';
import { aroundScreens, answeringWith } from '../testing/in-app';
import { useTimerOnDevice } from './use-timer-on-device';

const copyOf = (id: string) => ({
  id,
  isInTimer: true,
  reason: 'left',
  document: { of: id },
  timer: { id: 'garage' },
});

it('goes on showing the last copy while a newer one comes: a step of a visit never begins anew', async () => {
  let newest = 'older';
  answeringWith({
    'GET /api/timers/garage': { status: 200, body: { id: 'garage', property: { id: 'home' } } },
    'GET /api/timers/garage/settings': { status: 200, body: { document: { of: 'desk' } } },
    'GET /api/timers/garage/copies': () => ({ status: 200, body: [copyOf(newest)] }),
    'GET /api/copies/older': { status: 200, body: copyOf('older') },
    'GET /api/copies/newer': { status: 200, body: copyOf('newer') },
    'GET /api/properties/home': { status: 200, body: { id: 'home' } },
    'GET /api/properties/home/jobs': { status: 200, body: [] },
  });
  const { client, wrapper } = aroundScreens();
  const shown: boolean[] = [];
  const { result } = renderHook(
    () => {
      const device = useTimerOnDevice('garage');
      shown.push(device.queries.every(({ data }) => data !== undefined));
      return device;
    },
    { wrapper },
  );
  await waitFor(() => expect(result.current.reading?.document).toEqual({ of: 'older' }));
  shown.splice(0);

  newest = 'newer';
  await act(() => client.invalidateQueries({ queryKey: copiesKey }));
  await waitFor(() => expect(result.current.reading?.document).toEqual({ of: 'newer' }));
  expect(shown).not.toContain(false);
});

it('never shows what is in one timer for another', async () => {
  const timer = (id: string) => ({ status: 200, body: { id, property: { id: 'home' } } });
  const settings = { status: 200, body: { document: { of: 'desk' } } };
  answeringWith({
    'GET /api/timers/garage': timer('garage'),
    'GET /api/timers/shed': timer('shed'),
    'GET /api/timers/garage/settings': settings,
    'GET /api/timers/shed/settings': settings,
    'GET /api/timers/garage/copies': { status: 200, body: [copyOf('older')] },
    'GET /api/timers/shed/copies': { status: 200, body: [] },
    'GET /api/copies/older': { status: 200, body: copyOf('older') },
    'GET /api/properties/home': { status: 200, body: { id: 'home' } },
    'GET /api/properties/home/jobs': { status: 200, body: [] },
  });
  const { wrapper } = aroundScreens();
  const { result, rerender } = renderHook(({ id }) => useTimerOnDevice(id), {
    wrapper,
    initialProps: { id: 'garage' },
  });
  await waitFor(() => expect(result.current.reading?.document).toEqual({ of: 'older' }));
  rerender({ id: 'shed' });
  expect(result.current.reading).toBeNull();
  await waitFor(() => expect(result.current.timer?.id).toBe('shed'));
  expect(result.current.reading).toBeNull();
});
