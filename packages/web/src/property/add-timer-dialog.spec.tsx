/** @jest-environment jsdom */
import { aroundScreens, answeringWith } from '../testing/in-app';
import { screen, render, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import type { Property } from '../api/properties';
import { draftOf, forgetDrafts } from '../offline/drafts';
import { AddTimerDialog } from './add-timer-dialog';

const home = { id: 'wren', name: 'Wren corner' } as Property;
const wall = GENERIC_TYPES.find(({ key }) => key === 'wall-6')!.timer;
const ownType = (id: string, stations: number) => ({
  ...{ id, name: `Type ${id}`, summary: '', version: 1, timers: 0 },
  capability: { ...wall, stations },
});

/** The dialog, with types of the firm's own; `unmount` is a reload, or a step aside. */
function opened(...own: object[]) {
  answeringWith({ 'GET /api/timer-types': { status: 200, body: own } });
  const { wrapper } = aroundScreens();
  return render(<AddTimerDialog property={home} onClose={() => undefined} />, { wrapper });
}

const field = (label: string) => screen.findByLabelText<HTMLInputElement>(label);
const NAME = 'Where it hangs';
const STATIONS = 'Stations that are wired';
const draft = () => draftOf('ines', 'timers.new.wren');

beforeEach(() => forgetDrafts('ines'));

it('what was entered lasts over a reload and a step aside, and is begun anew when asked', async () => {
  const first = opened();
  await userEvent.type(await field(NAME), 'Potting shed');
  await userEvent.clear(await field(STATIONS));
  await userEvent.type(await field(STATIONS), '4');
  await userEvent.tab();
  await waitFor(() => expect(draft()).toEqual({ name: 'Potting shed', stations: 4 }));
  first.unmount();

  opened();
  expect((await field(NAME)).value).toBe('Potting shed');
  expect((await field(STATIONS)).value).toBe('4');
  await userEvent.click(await screen.findByRole('button', { name: 'Begin anew' }));
  expect((await field(NAME)).value).toBe('');
  expect((await field(STATIONS)).value).toBe(String(wall.stations));
  expect(draft()).toBeNull();
});

it('a type that is made on the way is the one that is wanted, at the place that was named before', async () => {
  const first = opened(ownType('a', 8));
  await userEvent.type(await field(NAME), 'Potting shed');
  await userEvent.click(await screen.findByRole('button', { name: 'Another type, by questions…' }));
  first.unmount();
  opened(ownType('a', 8), ownType('b', 3));
  expect((await field(NAME)).value).toBe('Potting shed');
  expect((await field(STATIONS)).value).toBe('3');
  expect(screen.getByText('Type b')).toBeTruthy();
});

it('a type that was taken away meanwhile is not what a timer is added of', async () => {
  localStorage.setItem(
    'water-clock.draft.ines.timers.new.wren',
    JSON.stringify({ name: 'Potting shed', timerType: 'gone', stations: 40 }),
  );
  opened(ownType('a', 8));
  expect((await field(NAME)).value).toBe('Potting shed');
  expect((await field(STATIONS)).value).toBe('8');
  expect(screen.getByText('Type a')).toBeTruthy();
});

it('a type that comes with the product is no longer offered beside the own one that was made of it', async () => {
  localStorage.setItem(
    'water-clock.draft.ines.timers.new.wren',
    JSON.stringify({ name: 'Potting shed', timerType: 'wall-6', stations: 40 }),
  );
  opened({ ...ownType('a', 8), name: wall.name });
  expect((await field(NAME)).value).toBe('Potting shed');
  expect((await field(STATIONS)).value).toBe('8');
  await userEvent.click(screen.getByRole('combobox', { name: 'Timer type' }));
  const { name: other } = GENERIC_TYPES.find(({ key }) => key === 'wall-12')!.timer;
  expect((await screen.findAllByTitle(new RegExp(`^${other} ·`))).length).toBeGreaterThan(0);
  expect(screen.queryByTitle(new RegExp(`^${wall.name} ·`))).toBeNull();
});
