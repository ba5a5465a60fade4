/** @jest-environment jsdom */
import { aroundScreens } from '../testing/in-app';
import { readYard, type Yard, type YardEdit } from '@water-clock/core/yards';
import { fireEvent, render, screen, within } from '@testing-library/react';
import { useState } from 'react';
import { Modules } from './modules';
import { Sensors } from './sensors';
import { yardColumns } from './yard-columns';

function yardOf(fields: object): Yard {
  const read = readYard({ format: 'waterclock.yard/1', ...fields });
  if (!read.ok) throw new Error(JSON.stringify(read.trouble));
  return read.value;
}

/** A part of the yard page over a yard that it changes; the yard as it is last. */
function onYard(
  first: Yard,
  part: (yard: Yard, edit: (edit: YardEdit) => void) => React.ReactNode,
) {
  const now = { yard: first };
  function Held() {
    const [yard, setYard] = useState(first);
    now.yard = yard;
    return part(yard, (edit) => setYard(edit));
  }
  render(<Held />, aroundScreens());
  return now;
}

const said = () => screen.getByRole('status').textContent;

it('counts what modules give by slot, and marks wires and stations that do not fit together', () => {
  const now = onYard(
    yardOf({ stations: [{ number: 1 }, { number: 2, name: 'Kerb' }] }),
    (yard, edit) => <Modules {...{ yard, edit }} most={12} isTwoWire={false} isLocked={false} />,
  );
  expect(said()).toBe('2 stations here, 10 free.');
  fireEvent.click(screen.getByRole('button', { name: 'By slot and wire…' }));
  fireEvent.click(screen.getByRole('button', { name: /Module in slot 1/ }));
  expect(said()).toBe('2 stations here, 2 free.');
  fireEvent.change(screen.getByLabelText('Slot 1, stations; 0: empty'), { target: { value: '1' } });
  expect(said()).toBe('2 stations here, 1 more than it gives: another module is needed.');
  fireEvent.change(screen.getByLabelText('Slot 1, stations; 0: empty'), { target: { value: '4' } });
  fireEvent.click(screen.getByRole('button', { name: 'Each station here has one' }));
  fireEvent.click(screen.getByRole('button', { name: 'Terminal 2, Kerb' }));
  fireEvent.click(screen.getByRole('button', { name: 'Terminal 4, no station' }));
  expect(now.yard).toMatchObject({ modules: [{ slot: 1, gives: 4 }], wires: [1, 4] });
  const told = within(screen.getByRole('list', { name: 'What does not fit together' }));
  expect(told.getAllByRole('listitem').map(({ textContent }) => textContent)).toEqual([
    'A wire and no station: 4. Add the station, or find out where the wire goes.',
    'A station and no wire: 2.',
  ]);
});

it('has no terminals where the valves hang on two wires', () => {
  onYard(yardOf({ stations: [], modules: [{ slot: 1, gives: 8 }] }), (yard, edit) => (
    <Modules {...{ yard, edit }} most={64} isTwoWire isLocked={false} />
  ));
  expect(screen.getByLabelText('Slot 1, stations; 0: empty')).toBeTruthy();
  expect(screen.queryByRole('group', { name: 'Station terminals' })).toBeNull();
});

it('says which stations a flow sensor measures and a moisture sensor holds back', () => {
  const first = yardOf({
    stations: [
      { number: 1, name: 'Lawn', flowSensor: true, moistureSensor: { serial: 'M1' } },
      { number: 2, follows: 1, followsFor: 'sensor' },
      { number: 3, follows: 1 },
    ],
  });
  onYard(first, (yard, edit) => (
    <Sensors
      {...{ yard, edit }}
      columns={yardColumns('metric', '2026-06-02').filter(({ table }) => table === 'sensors')}
      isLocked={false}
      settle={() => undefined}
      onSheet={() => undefined}
    />
  ));
  const words = () =>
    within(screen.getAllByRole('list')[0]!)
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent);
  expect(words()).toEqual([
    'The flow sensor measures 1 Lawn; the others run unseen by it.',
    'Moisture sensor M1 holds 1 Lawn and 2 back.',
  ]);
  const cell = screen.getByLabelText('Station 1, it read');
  fireEvent.change(cell, { target: { value: '34' } });
  fireEvent.change(screen.getByLabelText('Station 1, holds from'), { target: { value: '40' } });
  expect(words()[1]).toBe(
    'Moisture sensor M1 holds 1 Lawn and 2 back from 40 % on. It read 34 % on Tue 2 Jun 2026.',
  );
});
