/** @jest-environment jsdom */
import { answeringWith, aroundScreens } from '../testing/in-app';
import { render, screen } from '@testing-library/react';
import { TimerHandling } from '@water-clock/core/timer-types';
import { Yard } from '@water-clock/core/yards';
import { OwnMemoryHeld } from './own-memory-row';

function shown(handling: Partial<TimerHandling>, fields: Partial<Yard> = {}) {
  const document = { ...new Yard(), ...fields };
  const body = {
    timerId: 'shed',
    version: 1,
    savedAt: '2026-06-01T08:00:00Z',
    savedBy: '',
    document,
  };
  answeringWith({ 'GET /api/timers/shed/yard': { status: 200, body } });
  render(<OwnMemoryHeld timerId="shed" handling={Object.assign(new TimerHandling(), handling)} />, {
    wrapper: aroundScreens().wrapper,
  });
}

it('says what is stored, and what to read out, with the caution before what erases', async () => {
  const ownMemory = { storedOn: '2020-06-02', storedBy: 'Ines Marlow', copy: 'copy 4' };
  shown({ storeCopy: 'Press and hold store.', factoryReset: 'Hold two keys.' }, { ownMemory });
  const held = await screen.findByText(/^It holds copy 4, stored on/);
  expect(held.textContent).toMatch(/2020 by Ines Marlow\.$/);
  const words = screen.getByText('To read out by phone').closest('details')!.textContent;
  const [store, caution, reset] = [
    'To store: Press',
    'Save an as-found copy first',
    'Hold two keys',
  ].map((part) => words.indexOf(part));
  expect([store! >= 0, store! < caution!, caution! < reset!]).toEqual([true, true, true]);
  expect(words).not.toContain('bring back');
});

it('says that nothing was noted, and has nothing to read out where nobody wrote it down', async () => {
  shown({});
  await screen.findByText('Nobody has noted that anything is stored in it.');
  expect(screen.queryByText('To read out by phone')).toBeNull();
});
