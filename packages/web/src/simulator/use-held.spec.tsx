/** @jest-environment jsdom */
import '../testing/in-app';
import { fireEvent, render, screen } from '@testing-library/react';
import { useHeld } from './use-held';

function Held({ onPress }: { onPress: (times: number) => void }) {
  return <button {...useHeld(onPress)}>Plus</button>;
}

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

it('counts once when it is pressed, on and on and faster while it is held, and no more once it is let go', () => {
  const pressed: number[] = [];
  render(<Held onPress={(times) => pressed.push(times)} />);
  const button = screen.getByRole('button', { name: 'Plus' });
  // jsdom has no pointer events of its own.
  fireEvent(button, new MouseEvent('pointerdown', { bubbles: true, button: 0 }));
  expect(pressed).toEqual([1]);
  jest.advanceTimersByTime(1000);
  const slowly = pressed.length;
  expect(slowly).toBeGreaterThan(2);
  expect(new Set(pressed)).toEqual(new Set([1]));
  jest.advanceTimersByTime(3000);
  expect(pressed.at(-1)).toBeGreaterThan(1);
  fireEvent.pointerUp(button);
  const all = pressed.length;
  jest.advanceTimersByTime(3000);
  expect(pressed).toHaveLength(all);
});

it('a click without a pointer, of the keyboard or a screen reader, counts once', () => {
  const pressed: number[] = [];
  render(<Held onPress={(times) => pressed.push(times)} />);
  fireEvent.click(screen.getByRole('button', { name: 'Plus' }), { detail: 0 });
  jest.advanceTimersByTime(3000);
  expect(pressed).toEqual([1]);
});
