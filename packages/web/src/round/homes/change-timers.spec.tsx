/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../../testing/in-app';
import { render, screen, waitFor } from '@testing-library/react';
import type { Rollout } from '../../api/rollouts';
import { ChangeTimers } from './change-timers';

const timerAt = (name: string) => ({
  ...{ id: name, name: 'Porch', home: { id: name, name, address: '', ruleSetId: null } },
  ...{ outcome: 'well', breaks: [], fix: null, values: 1, isAcceptable: true },
  ...{ progress: null, due: null, plannedOn: null, acceptedAt: null, putOff: null },
});

const tried = (count: number, state: 'working' | 'ready') =>
  ({
    ...{ id: 'change', name: 'Season percentage 70 %', from: '2026-06-09', state, of: 3 },
    ...{ tried: count, toFix: 0, fixed: 0, acceptable: count, accepted: 0, pending: 0 },
    outcomes: { breaks: 0, well: count, wasBroken: 0, tooMuch: 0, untouched: 0 },
    progress: {
      ...{ readBack: 0, keyedIn: 0, household: 0, messaged: 0, putOff: 0, planned: 0, toDo: 0 },
    },
  }) as unknown as Rollout;

it('shows as many timers as are counted above them, once the last of them are tried', async () => {
  let known = ['2 Tarn Lane'];
  answeringWith({
    'GET /api/rollouts/change/timers': () => ({
      status: 200,
      body: { timers: known.map(timerAt), total: known.length },
    }),
  });
  const { wrapper } = aroundScreens();
  const { rerender } = render(<ChangeTimers rollout={tried(1, 'working')} />, { wrapper });
  await waitFor(() =>
    expect(screen.getByRole('button', { name: 'Plan a visit to 2 Tarn Lane, Porch' })).toBeTruthy(),
  );
  known = ['2 Tarn Lane', '4 Tarn Lane', '6 Tarn Lane'];
  rerender(<ChangeTimers rollout={tried(3, 'ready')} />);
  await waitFor(() =>
    expect(screen.getByRole('button', { name: 'Plan a visit to 6 Tarn Lane, Porch' })).toBeTruthy(),
  );
});
