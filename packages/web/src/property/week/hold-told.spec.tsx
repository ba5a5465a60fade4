/** @jest-environment jsdom */
import { answeringWith, aroundScreens, type Asked } from '../../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import { parseDateTime } from '@water-clock/core/civil-time';
import { TimerHandling } from '@water-clock/core/timer-types';
import type { Timer } from '../../api/timers';
import { testPlan } from '../../testing/plans';
import { HoldTold } from './hold-told';

const PLAN = testPlan();
const STORED = {
  ...{ timerId: 'shed', version: 1, savedAt: '2026-06-01T08:00:00Z', savedBy: '', document: PLAN },
};

function shown(language: 'en' | 'es', held: () => { status: number; body?: unknown }) {
  const all = answeringWith({
    'GET /api/timers/shed/settings': { status: 200, body: STORED },
    'PUT /api/timers/shed/holds': held,
  });
  const timer = {
    ...{ id: 'shed', name: 'Shed', handling: new TimerHandling() },
    property: { name: 'Plum cottage', contactPhone: '555 0142', contactEmail: '', language },
  } as unknown as Timer;
  const holds = [{ from: '2026-06-01T12:00:00', to: '2026-06-03T12:00:00' }];
  const again = parseDateTime('2026-06-04T03:30:00')!;
  render(<HoldTold {...{ timer, holds, again }} timeZone="America/Denver" />, {
    wrapper: aroundScreens().wrapper,
  });
  return all;
}
const puts = (all: readonly Asked[]) =>
  all.filter(({ method }) => method === 'PUT').map(({ body }) => body);

it('a hold made from what somebody else has changed meanwhile says so, and overwrites nothing', async () => {
  const all = shown('en', () => ({
    status: 409,
    body: { status: 409, title: 'Saved by somebody else meanwhile' },
  }));
  fireEvent.click(await screen.findByRole('button', { name: 'Remove' }));
  await screen.findByText(/^Somebody else saved this timer meanwhile/);
  expect(puts(all)).toEqual([{ version: 1, holds: [] }]);
});

it.each([
  ['en', 'It waters again by itself: Thu 4 June, 03:30.', 'Turn the timer off'],
  ['es', 'Vuelve a regar solo: jue 4 de junio, 03:30.', 'Apague el programador'],
] as const)(
  'says in %s how it is stopped and when it waters again, and texts the same',
  (language, again, stop) => {
    shown(language, () => ({ status: 200 }));
    const [words] = screen.getAllByText(new RegExp(again.replace(/[.]/g, '\\.')));
    expect(words!.textContent).toContain(stop);
    expect(words!.getAttribute('lang')).toBe(language);
    const [text] = screen.getAllByRole('link', { name: 'Text them' });
    expect(decodeURIComponent(text!.getAttribute('href')!)).toBe(
      `sms:5550142?body=${words!.textContent}`,
    );
  },
);
