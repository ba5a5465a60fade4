/** @jest-environment jsdom */
import { aroundScreens } from '../../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import type { SeasonSetting } from '@water-clock/core/settings';
import { SeasonCapability, TimerCapability } from '@water-clock/core/timer-types';
import { useState } from 'react';
import { SeasonField } from './season-field';

/** The field as the desk has it, on a timer that can be set in every way; gives every setting that it came to. */
function shown(first: SeasonSetting) {
  const modes = ['whole', 'monthly', 'weather'] as const;
  const timer = Object.assign(new TimerCapability(), {
    season: Object.assign(new SeasonCapability(), { modes, minPercent: 10, maxPercent: 200 }),
  });
  const taken: SeasonSetting[] = [];
  const Held = () => {
    const [season, set] = useState(first);
    const setSeason = (next: SeasonSetting) => {
      taken.push(next);
      set(next);
    };
    return <SeasonField {...{ season, timer, setSeason }} />;
  };
  render(<Held />, { wrapper: aroundScreens().wrapper });
  return taken;
}

function type(label: string, ...texts: string[]) {
  const input = screen.getByLabelText(label);
  fireEvent.focus(input);
  for (const text of texts) fireEvent.change(input, { target: { value: text } });
  fireEvent.blur(input);
}

it('the bounds of the weather are typed, and one of them never moves the other', () => {
  const bounds = { mode: 'weather' as const, leastPercent: 20, mostPercent: 150 };
  const taken = shown(bounds);
  // On its way it is 9, which is less than the least.
  type('Greatest percentage by the weather', '9', '90');
  expect(taken.at(-1)).toEqual({ ...bounds, mostPercent: 90 });
  type('Least percentage by the weather', '4', '40');
  expect(taken.at(-1)).toEqual({ mode: 'weather', leastPercent: 40, mostPercent: 90 });
  expect(taken.every((one) => one.mode === 'weather' && one.leastPercent <= one.mostPercent)).toBe(
    true,
  );
  type('Least percentage by the weather', '95');
  expect(screen.getByLabelText('Least percentage by the weather').dataset['unread']).toBe('true');
  expect(taken.at(-1)).toEqual({ mode: 'weather', leastPercent: 40, mostPercent: 90 });
});

it('the weather begins between the least and the greatest that the timer takes', () => {
  const taken = shown({ mode: 'whole', percent: 80 });
  fireEvent.change(screen.getByLabelText('Season percentage for'), {
    target: { value: 'weather' },
  });
  expect(taken).toEqual([{ mode: 'weather', leastPercent: 10, mostPercent: 200 }]);
});
