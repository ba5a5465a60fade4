/** @jest-environment jsdom */
import { aroundScreens } from '../testing/in-app';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { ValueInput } from '../desk/extras/value-input';
import { testPlan } from '../testing/plans';
import { CellInput } from './cell-input';
import { KeysAtHand } from './keys-at-hand';
import { LengthInput } from './length-input';
import { NumberInput } from './number-input';
import { TimeInput } from './time-input';

/** A device that is tapped with fingers. */
function onPhone() {
  const { matchMedia } = globalThis;
  Object.assign(globalThis, {
    matchMedia: (media: string) => ({ ...matchMedia(media), matches: media.includes('coarse') }),
  });
  return () => Object.assign(globalThis, { matchMedia });
}

function Fields() {
  const [time, setTime] = useState('');
  const [seconds, setSeconds] = useState(0);
  const cell = { field: 'a', text: '', row: 0, column: 0, onType: () => null };
  return (
    <>
      <TimeInput label="Start" clock="24" value={time} onChange={setTime} />
      <LengthInput
        label="Run time"
        seconds={seconds}
        leastSeconds={0}
        mostSeconds={86_400}
        onChange={setSeconds}
      />
      <NumberInput label="Flow" value={1} onChange={() => undefined} />
      <CellInput label="Minutes" keys="length" {...cell} />
      <CellInput label="Name" keys="words" {...cell} />
      <output>
        {time} {seconds}
      </output>
      <KeysAtHand />
    </>
  );
}

const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const keys = () =>
  [...(screen.queryByRole('toolbar', { name: 'More keys' })?.querySelectorAll('button') ?? [])].map(
    ({ textContent }) => textContent,
  );

it('brings up keys for figures wherever a number, a length or a time is typed', () => {
  render(<Fields />);
  const modes = ['Start', 'Run time', 'Flow', 'Minutes', 'Name'].map((label) => [
    label,
    field(label).inputMode,
  ]);
  expect(Object.fromEntries(modes)).toEqual({
    ...{ Start: 'numeric', 'Run time': 'decimal', Flow: 'decimal', Minutes: 'decimal' },
    Name: 'text',
  });
});

it('has the keys that those lack at hand, and types with them where the cursor stands', async () => {
  const back = onPhone();
  try {
    const person = userEvent.setup();
    render(<Fields />);
    expect(keys()).toEqual([]);
    await person.click(field('Name'));
    expect(keys()).toEqual([]);
    await person.click(field('Start'));
    expect(keys()).toEqual([':', 'am', 'pm']);
    await person.keyboard('4');
    await person.click(screen.getByRole('button', { name: ':' }));
    expect(document.activeElement).toBe(field('Start'));
    await person.keyboard('30');
    await person.click(screen.getByRole('button', { name: 'pm' }));
    await person.click(field('Run time'));
    expect(keys()).toEqual([':', 'h', 'm', 's']);
    await person.keyboard('1');
    await person.click(screen.getByRole('button', { name: 'h' }));
    await person.keyboard('05');
    expect(screen.getByRole('status').textContent).toBe('16:30 3900');
    await person.tab();
    expect(keys()).toEqual([]);
  } finally {
    back();
  }
});

it('leaves a device with keys of its own alone', async () => {
  render(<Fields />);
  await userEvent.setup().click(field('Start'));
  expect(keys()).toEqual([]);
});

it('has a minus for what may be below zero, and a comma for a list', async () => {
  const back = onPhone();
  try {
    const person = userEvent.setup();
    const taken: unknown[] = [];
    const plan = testPlan({ stations: [{ number: 1 }, { number: 2 }], programs: [] });
    render(
      <>
        <NumberInput
          label="Longitude"
          least={-180}
          value={0}
          onChange={(west) => taken.push(west)}
        />
        <ValueInput
          label="Pump"
          plan={plan}
          longestHoldDays={7}
          value={{ type: 'stations', stations: [] }}
          onChange={(value) => taken.push(value)}
        />
        <KeysAtHand />
      </>,
      { wrapper: aroundScreens().wrapper },
    );
    await person.click(field('Longitude'));
    expect(keys()).toEqual(['-']);
    await person.click(screen.getByRole('button', { name: '-' }));
    await person.keyboard('107');
    expect(taken.at(-1)).toBe(-107);
    await person.click(field('Pump'));
    expect(keys()).toEqual([',']);
    await person.keyboard('1');
    await person.click(screen.getByRole('button', { name: ',' }));
    await person.keyboard('2');
    expect(taken.at(-1)).toEqual({ type: 'stations', stations: [1, 2] });
  } finally {
    back();
  }
});
