/** @jest-environment jsdom */
import { aroundScreens } from '../../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import type { Stretch } from '@water-clock/core/settings';
import { useState } from 'react';
import { HoldInput } from './hold-input';

beforeEach(() => {
  jest.useFakeTimers({ now: Date.parse('2026-06-02T15:20:40Z') });
});
afterEach(() => {
  jest.useRealTimers();
});

/** At a home where it is 09:20:40 on 2 June; gives the holds that it came to. */
function shown(first: readonly Stretch[], mostDays = 7) {
  const taken: Stretch[][] = [];
  const Held = () => {
    const [holds, setHolds] = useState(first);
    return (
      <HoldInput
        {...{ holds, mostDays }}
        timeZone="America/Denver"
        onChange={(next) => {
          taken.push(next);
          setHolds(next);
        }}
      />
    );
  };
  render(<Held />, { wrapper: aroundScreens().wrapper });
  return taken;
}

const type = (label: string, text: string) => {
  const input = screen.getByLabelText(label);
  fireEvent.focus(input);
  fireEvent.change(input, { target: { value: text } });
  fireEvent.blur(input);
};
const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }));

const FROM = '2026-06-02T09:20:00';

it('holds for days from now, at the home, says what is left, and ends it', () => {
  const taken = shown([]);
  type('Days of the hold', '2');
  press('Hold');
  expect(taken.at(-1)).toEqual([{ from: FROM, to: '2026-06-04T09:20:00' }]);
  expect(screen.getByText(/1 day 23 h left/)).toBeTruthy();
  press('End it');
  expect(taken.at(-1)).toEqual([]);
});

it('a new hold is in place of the one in force, and leaves one that is to come', () => {
  const later = { from: '2026-07-01T00:00:00', to: '2026-07-03T00:00:00' };
  const taken = shown([{ from: '2026-06-01T09:00:00', to: '2026-06-03T09:00:00' }, later]);
  press('Hold');
  expect(taken.at(-1)).toEqual([later, { from: FROM, to: '2026-06-05T09:20:00' }]);
});

it('holds until a day, not longer than the timer takes, and not until one that is past', () => {
  const taken = shown([]);
  const until = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Hold until then' });
  expect(until().disabled).toBe(true);
  type('The day it waters again', '1 June 2026');
  expect([until().disabled, screen.queryByText('That day is past.') !== null]).toEqual([
    true,
    true,
  ]);
  type('The day it waters again', '20 June 2026');
  expect(until().disabled).toBe(true);
  expect(screen.getByText('This timer type holds for 7 days at most.')).toBeTruthy();
  type('The day it waters again', '8 June 2026');
  press('Hold until then');
  expect(taken).toEqual([[{ from: FROM, to: '2026-06-08T00:00:00' }]]);
});

it('a timer without a hold takes none, and shows those that a file brought', () => {
  const brought = { from: '2026-07-01T00:00:00', to: '2026-07-03T00:00:00' };
  const taken = shown([brought], 0);
  expect(screen.queryByLabelText('Days of the hold')).toBeNull();
  press('Remove');
  expect(taken).toEqual([[]]);
});
