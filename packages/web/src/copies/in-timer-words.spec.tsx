/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../testing/in-app';
import { act, render, screen, waitFor } from '@testing-library/react';
import { InTimerWords } from './in-timer-words';
import { testPlan } from '../testing/plans';

const READ_AT = '2026-06-01T08:00:00.000Z';
const copy = {
  id: 'read',
  number: 2,
  name: '',
  reason: 'as-found',
  madeAt: READ_AT,
  person: 'Ines Marlow',
  isInTimer: true,
  confirmed: { of: 20, keyedIn: 0, unknown: 0 },
};
const start = (observedAt: string) => ({
  id: 'tick',
  number: 1,
  seen: 0,
  person: 'Ines Marlow',
  observedAt,
  entry: { kind: 'key-in', key: 'A start 1', value: 'time 04:00', isTicked: true },
});

/** What is said of a timer at whose visit something was keyed in at a moment. */
async function saidAfter(observedAt: string): Promise<() => string> {
  const asked = answeringWith({
    'GET /api/timers/garage/copies': { status: 200, body: [copy] },
    'GET /api/timers/garage/visits': {
      status: 200,
      body: [{ id: 'visit', startedAt: READ_AT, startedBy: 'Ines Marlow', endedAt: null }],
    },
    'GET /api/visits/visit': { status: 200, body: { entries: [start(observedAt)] } },
    'GET /api/timers/garage/settings': { status: 200, body: { document: testPlan() } },
    'GET /api/copies/read': { status: 200, body: { ...copy, document: testPlan() } },
  });
  const { wrapper } = aroundScreens();
  const { container } = render(<InTimerWords timerId="garage" />, { wrapper });
  await waitFor(() => expect(asked.some(({ path }) => path === '/api/visits/visit')).toBe(true));
  await screen.findByRole('link', { name: /№ 2, as found/ });
  return () => container.textContent;
}

it('tells what was keyed in since it was read, before the visit is over', async () => {
  const said = await saidAfter('2026-06-01T09:00:00.000Z');
  await waitFor(() => expect(said()).toContain('· 1 value keyed in since'));
  expect(said()).toMatch(/ · 1 of \d+ values was not confirmed: read them off$/);
});

it('says no more of what was keyed in once it is read', async () => {
  const said = await saidAfter('2026-06-01T07:00:00.000Z');
  await act(async () => undefined);
  expect(said()).toMatch(/by Ines Marlow$/);
});
