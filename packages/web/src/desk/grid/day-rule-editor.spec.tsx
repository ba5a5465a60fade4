/** @jest-environment jsdom */
import { aroundScreens } from '../../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import type { DayRule } from '@water-clock/core/settings';
import { useState } from 'react';
import { DayRuleEditor } from './day-rule-editor';

/** The editor as a screen has it; gives every rule that it came to. */
function shown(first: DayRule, dayModes: Parameters<typeof DayRuleEditor>[0]['dayModes']) {
  const taken: DayRule[] = [];
  const Held = () => {
    const [days, setDays] = useState(first);
    const onChange = (next: DayRule) => {
      taken.push(next);
      setDays(next);
    };
    return <DayRuleEditor {...{ days, dayModes, onChange }} />;
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

it('hours are counted from a first start: how many, its day and its time', () => {
  const first = { mode: 'hours' as const, everyHours: 12, anchor: '2026-06-02T06:00:00' };
  const taken = shown(first, ['hours', 'interval']);
  type('Hours of the interval', '8');
  expect(taken.at(-1)).toEqual({ ...first, everyHours: 8 });
  type('The time of its first start', '7:20');
  expect(taken.at(-1)).toEqual({ ...first, everyHours: 8, anchor: '2026-06-02T07:20:00' });
});

it('asks for hours only where the timer counts them, or where they are set', () => {
  shown({ mode: 'weekdays', weekdays: [1] }, ['weekdays', 'interval']);
  expect(screen.queryByText('Every so many hours')).toBeNull();
});

it('another kind of days begins anew: hours from this morning', () => {
  const taken = shown({ mode: 'weekdays', weekdays: [1] }, ['weekdays', 'hours']);
  fireEvent.click(screen.getByText('Every so many hours'));
  expect(taken.at(-1)).toMatchObject({ mode: 'hours', everyHours: 12 });
  expect(taken.at(-1)).toHaveProperty('anchor', expect.stringMatching(/T06:00:00$/));
});

it('an interval is entered by the days that are left, counted from today', () => {
  jest.useFakeTimers({ now: new Date(2026, 5, 2, 9) });
  const taken = shown({ mode: 'interval', everyDays: 5, anchor: '2026-05-30' }, ['interval']);
  const left = () => screen.getByLabelText<HTMLInputElement>('Days left until it waters next');
  expect([left().value, screen.queryByText(/next on Thu 4 June/) !== null]).toEqual(['2', true]);
  type('Days left until it waters next', '3');
  expect(taken.at(-1)).toEqual({ mode: 'interval', everyDays: 5, anchor: '2026-06-05' });
  type('A day it waters', '1 June 2026');
  expect(left().value).toBe('4');
  jest.useRealTimers();
});
