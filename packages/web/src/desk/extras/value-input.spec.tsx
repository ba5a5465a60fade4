/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import type { KeyInValue } from '@water-clock/core/key-in';
import { aroundScreens } from '../../testing/in-app';
import { testPlan } from '../../testing/plans';
import { ValueInput } from './value-input';

const PLAN = testPlan({
  timer: { stations: 5 },
  stations: [1, 2, 5].map((number) => ({ number })),
  programs: [],
});

function shown(value: KeyInValue) {
  const taken: KeyInValue[] = [];
  render(
    <ValueInput
      label="Shown"
      value={value}
      plan={PLAN}
      longestHoldDays={7}
      onChange={(one) => taken.push(one)}
    />,
    { wrapper: aroundScreens().wrapper },
  );
  return taken;
}

const type = (label: string, text: string) => {
  const input = screen.getByLabelText<HTMLInputElement>(label);
  fireEvent.focus(input);
  fireEvent.change(input, { target: { value: text } });
  fireEvent.blur(input);
  return screen.getByLabelText<HTMLInputElement>(label);
};

it('stations that there are are taken, each once and in order', () => {
  const taken = shown({ type: 'stations', stations: [1] });
  type('Shown', '5, 2 5');
  expect(taken.at(-1)).toEqual({ type: 'stations', stations: [2, 5] });
});

it.each(['9', '2, 9', 'two', '1.5'])(
  '"%s" is no station of the timer: it stays, marked',
  (text) => {
    const before: KeyInValue = { type: 'stations', stations: [1] };
    const taken = shown(before);
    const input = type('Shown', text);
    // In effect is what stood there.
    expect(taken).toEqual([before]);
    expect([input.value, input.dataset['unread']]).toEqual([text, 'true']);
    expect(screen.getByRole('alert').textContent).toContain('Stations of this timer');
  },
);

it('hours want both their times: an emptied one stays, marked, and what was set is kept', () => {
  const hours = [{ from: '10:00', to: '18:00', weekdays: [1] }];
  const taken = shown({ type: 'hours', hours, areDry: true });
  const input = type('Never from', '');
  expect(taken).toEqual([{ type: 'hours', hours, areDry: true }]);
  expect(input.dataset['unread']).toBe('true');
  type('to', '19:30');
  expect(taken.slice(1)).toEqual([
    { type: 'hours', hours: [{ ...hours[0]!, to: '19:30' }], areDry: true },
  ]);
});

it('hours of a program ask from when it waters, not from when it never does', () => {
  const hours = [{ from: '20:00', to: '07:00', weekdays: [1, 2, 3, 4, 5, 6, 7] }];
  const taken = shown({ type: 'hours', hours, areDry: false });
  expect(screen.queryByLabelText('Never from')).toBeNull();
  type('Waters from', '21:00');
  expect(taken).toEqual([
    { type: 'hours', hours: [{ ...hours[0]!, from: '21:00' }], areDry: false },
  ]);
});
