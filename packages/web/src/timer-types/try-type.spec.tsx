/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../testing/in-app';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { TimerType } from '../api/timer-types';
import { TryType } from './try-type';

const { timer, handling } = GENERIC_TYPES[0]!;
const { name: _name, ...capability } = timer;
const TYPE: TimerType = {
  ...{ id: 'a-type', version: 3, timers: 2, name: 'Ours', summary: '' },
  ...{ capability, handling },
};

function shown(form: Partial<TimerType>, stored: TimerType | null = TYPE) {
  const asked = answeringWith({ 'POST /api/rollouts': { status: 201, body: { id: 'tried' } } });
  const gone: string[] = [];
  render(
    <TryType
      timerType={stored}
      version={3}
      form={{ ...TYPE, ...form }}
      leaveTo={(path) => gone.push(path)}
    />,
    { wrapper: aroundScreens().wrapper },
  );
  return { asked, gone };
}

it('has what a type can do tried, from the version that it was made from', async () => {
  const less = { ...capability, maxStarts: 1 };
  const { asked, gone } = shown({ capability: less });
  await userEvent.click(screen.getByRole('button', { name: 'See what fixes each' }));
  await waitFor(() => expect(gone).toEqual(['/round/homes/tried']));
  expect(asked.map(({ body }) => body)).toMatchObject([
    { change: { kind: 'timer-type', timerTypeId: 'a-type', version: 3, capability: less } },
  ]);
});

it('is not offered where something else is changed too, which would be lost, nor of a new type', () => {
  shown({ name: 'Ours, renamed' });
  expect(screen.queryByRole('button')).toBeNull();
  shown({}, null);
  expect(screen.queryByRole('button')).toBeNull();
});
