import type { HomeEvent } from '../api/history';
import { eventWords } from './event-words';

const event = (more: Partial<HomeEvent>): HomeEvent => ({
  ...{ id: 'e', kind: 'due', at: '2026-06-02T10:00:00Z', timerId: null },
  ...more,
});

it.each<[string, Partial<HomeEvent>, string]>([
  ['a hold', { kind: 'hold', until: '2026-06-20T06:00:00' }, 'On hold until Sat 20 June, 06:00'],
  [
    'a hold of the desk alone',
    { kind: 'hold', until: '2026-06-20T06:00:00', isWanted: true },
    'Hold wanted, in no timer yet, until Sat 20 June, 06:00',
  ],
  ['rules', { kind: 'rules', name: 'Quillhaven' }, 'Rules of Quillhaven change'],
  [
    'a message',
    { kind: 'message', name: 'Two days a week' },
    'Message to the household opened: Two days a week',
  ],
  [
    'a due that was done',
    { due: 'battery', doneBy: 'household' },
    'Battery: done by the household',
  ],
  ['one that the firm did', { due: 'filter', doneBy: 'firm' }, 'Filter and screen: done'],
  [
    'one that was put off',
    { due: 'winter', putOffUntil: '2026-10-20', reason: 'still warm' },
    'Winter shut-down: put off until Tue 20 October (still warm)',
  ],
  [
    'the weather of a month',
    { kind: 'weather', month: '2026-06', rainMm: 23.4, et0Mm: 178.2, days: 30 },
    'Weather of June 2026: 23 mm of rain, 178 mm evaporated',
  ],
  [
    'of a part of it',
    { kind: 'weather', month: '2026-06', rainMm: 0, et0Mm: 9.6, days: 2 },
    'Weather of June 2026: 0 mm of rain, 10 mm evaporated, of 2 days',
  ],
])('%s in words', (_what, more, words) => {
  expect(eventWords(event(more))).toBe(words);
});
