/** @jest-environment jsdom */
import { formatDate, parseDate } from '@water-clock/core/civil-time';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { DateField } from './date-field';
import { MomentField } from './moment-field';

/** jsdom lays nothing out, so there is no size to tell of. */
class NothingToTell implements ResizeObserver {
  observe = () => {};
  unobserve = () => {};
  disconnect = () => {};
}

beforeAll(() => {
  globalThis.ResizeObserver = NothingToTell;
});

function Held({ told }: { told: string[] }) {
  const [day, setDay] = useState(parseDate('2026-06-01'));
  return (
    <DateField
      label="First night"
      day={day}
      order="month-first"
      onChange={(chosen) => {
        told.push(formatDate(chosen));
        setDay(chosen);
      }}
    />
  );
}

const field = () => screen.getByRole<HTMLInputElement>('textbox', { name: 'First night' });

async function shown() {
  const told: string[] = [];
  render(<Held told={told} />);
  return { told, person: userEvent.setup() };
}

it('takes a date as it is typed, in the order of the person, and shows it in words', async () => {
  const { told, person } = await shown();
  expect(field().value).toBe('Mon 1 Jun 2026');
  await person.tripleClick(field());
  await person.keyboard('6/9/2026{Tab}');
  expect(told.at(-1)).toBe('2026-06-09');
  expect(field().value).toBe('Tue 9 Jun 2026');
});

it('keeps what cannot be read where it was typed, says what would do, and changes nothing', async () => {
  const { told, person } = await shown();
  await person.tripleClick(field());
  await person.keyboard('31 Jun{Tab}');
  expect(field().value).toBe('31 Jun');
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(screen.getByRole('alert').textContent).toContain('such as 9 Jun 2026');
  expect(told.at(-1) ?? '2026-06-01').toBe('2026-06-01');
  await person.click(field());
  await person.keyboard('{Escape}');
  expect(field().value).toBe('Mon 1 Jun 2026');
  expect(field().getAttribute('aria-invalid')).toBe('false');
});

it('goes a day on or back by the arrow keys', async () => {
  const { told, person } = await shown();
  await person.click(field());
  await person.keyboard('{ArrowUp}{ArrowUp}{ArrowDown}{ArrowDown}{ArrowDown}');
  expect(told).toEqual(['2026-06-02', '2026-06-03', '2026-06-02', '2026-06-01', '2026-05-31']);
});

it('is chosen from a month, which can be another one', async () => {
  const { told, person } = await shown();
  await person.click(screen.getByRole('button', { name: 'First night: choose from a month' }));
  await screen.findByText('June 2026');
  await person.click(screen.getByRole('button', { name: 'Month after' }));
  await screen.findByText('July 2026');
  expect(told).toEqual([]);
  await person.click(screen.getByTitle('Tue 14 Jul 2026'));
  expect(told).toEqual(['2026-07-14']);
  expect(field().value).toBe('Tue 14 Jul 2026');
});

it('a moment is told once it has both date and time, to the second and in the person’s clock', async () => {
  const told: string[] = [];
  const Reading = () => {
    const [value, setValue] = useState<string | null>(null);
    return (
      <MomentField
        label="The timer shows"
        value={value}
        clock="12"
        order="day-first"
        onChange={(moment) => {
          told.push(moment);
          setValue(moment);
        }}
      />
    );
  };
  render(<Reading />);
  const person = userEvent.setup();
  await person.click(screen.getByRole('textbox', { name: 'The timer shows, date' }));
  await person.keyboard('1 Jun 2026{Tab}');
  expect(told).toEqual([]);
  const time = screen.getByRole<HTMLInputElement>('textbox', { name: 'The timer shows, time' });
  await person.click(time);
  await person.keyboard('21:14:05{Tab}');
  expect(told.at(-1)).toBe('2026-06-01T21:14:05');
  expect(time.value).toBe('9:14:05 PM');
});

it('a moment says when its date or its time cannot be read, and when both can again', async () => {
  const heard: boolean[] = [];
  render(
    <MomentField
      label="The timer shows"
      value="2026-06-01T21:14:05"
      clock="24"
      order="day-first"
      onReadable={(isReadable) => heard.push(isReadable)}
      onChange={() => undefined}
    />,
  );
  const person = userEvent.setup();
  const part = (name: string) => screen.getByRole('textbox', { name: `The timer shows, ${name}` });
  await person.tripleClick(part('time'));
  await person.keyboard('25:00');
  expect(heard.at(-1)).toBe(false);
  await person.tripleClick(part('date'));
  await person.keyboard('31 Jun');
  await person.tripleClick(part('time'));
  await person.keyboard('21:00');
  expect(heard.at(-1)).toBe(false);
  await person.click(part('date'));
  await person.keyboard('{Escape}');
  expect(heard.at(-1)).toBe(true);
});
