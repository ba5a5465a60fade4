/** @jest-environment jsdom */
import { act, renderHook, waitFor } from '@testing-library/react';
import { copiesKey } from '../api/copies';
import { aroundScreens, answeringWith } from '../testing/in-app';
import { useTimerOnDevice } from './use-timer-on-device';

const copyOf = (id: string) => ({ id, isInTimer: true, reason: 'left', document: { of: id } });

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
  await waitFor(() => expect(result.current.inTimer).toEqual({ of: 'older' }));
  shown.splice(0);

  newest = 'newer';
  await act(() => client.invalidateQueries({ queryKey: copiesKey }));
  await waitFor(() => expect(result.current.inTimer).toEqual({ of: 'newer' }));
  expect(shown).not.toContain(false);
});
