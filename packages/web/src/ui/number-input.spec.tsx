/** @jest-environment jsdom */
import '../testing/in-browser';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { firstUnread } from '../api/unread-fields';
import { FormNumber, NumberInput } from './number-input';

const heard: (number | null)[] = [];
beforeEach(() => heard.splice(0));

function Days({ mayBeEmpty = false }: { mayBeEmpty?: boolean }) {
  const [days, setDays] = useState<number | null>(3);
  const take = (value: number | null) => {
    heard.push(value);
    setDays(value);
  };
  return (
    <NumberInput
      label="Days"
      {...{ least: 1, most: 31, step: 2 }}
      isWhole
      value={days}
      onChange={take}
      {...(mayBeEmpty && { onEmpty: () => take(null) })}
    />
  );
}

const field = () => screen.getByLabelText<HTMLInputElement>('Days');
const alert = () => screen.queryByRole('alert')?.textContent;

it('takes a number as it is typed', async () => {
  const person = userEvent.setup();
  render(<Days />);
  await person.click(field());
  await person.keyboard('14');
  expect(heard).toEqual([1, 14]);
  expect([field().value, firstUnread()]).toEqual(['14', null]);
});

it('keeps what cannot be read, marked and announced, and leaves in effect what was there', async () => {
  const person = userEvent.setup();
  render(<Days />);
  await person.click(field());
  await person.keyboard('12h');
  await person.tab();
  expect(field().value).toBe('12h');
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(alert()).toBe('A whole number, 1 to 31');
  expect(field().getAttribute('aria-describedby')!.split(' ')).toContain(
    screen.getByRole('alert').id,
  );
  expect(heard.at(-1)).toBe(3);
  expect(firstUnread()).toBe(field());
  await person.click(field());
  await person.keyboard('{Escape}');
  expect([field().value, firstUnread()]).toEqual(['3', null]);
});

it('says so where it may not be empty, and takes it where it may', async () => {
  const person = userEvent.setup();
  const { unmount } = render(<Days />);
  await person.clear(field());
  expect(alert()).toBe('A whole number, 1 to 31');
  expect(heard.includes(null)).toBe(false);
  unmount();
  render(<Days mayBeEmpty />);
  await person.clear(field());
  expect([alert(), heard.at(-1)]).toEqual([undefined, null]);
});

it('steps with the arrows, and not past its limits', () => {
  render(<Days />);
  for (let press = 0; press < 3; press++) fireEvent.keyDown(field(), { key: 'ArrowDown' });
  expect(heard).toEqual([1, 1, 1]);
  for (let press = 0; press < 20; press++) fireEvent.keyDown(field(), { key: 'ArrowUp' });
  expect(heard.at(-1)).toBe(31);
});

it('is no number, in a form, while it is empty', async () => {
  const person = userEvent.setup();
  render(<FormNumber label="Days" value={7} onChange={(value) => heard.push(value)} />);
  await person.clear(field());
  expect(heard).toEqual([null]);
});
