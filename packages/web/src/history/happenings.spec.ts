import { happeningsOf, type OfTimer } from './happenings';

const TIMER: OfTimer = {
  timerId: 'garage',
  visits: [
    {
      ...{ id: 'v', timerId: 'garage', startedAt: '2026-06-02T10:00:00Z', startedBy: 'Ines' },
      ...{ endedAt: null, endedBy: '' },
    },
  ],
  copies: [],
  sheets: [],
  tellings: [],
};
const JOB = {
  ...{
    id: 'j',
    visitId: 'v',
    timerId: 'garage',
    timer: 'Garage',
    station: 4,
    stations: [],
    note: 'at the gate',
  },
  ...{ fault: 'leak' as const, foundAt: '2026-06-02T10:20:00Z', foundBy: 'Ines' },
  ...{ doneAt: '2026-06-09T09:00:00Z', doneBy: 'Tobias' },
};

it('is one line of time, the newest first: a job is on it when it was found and when it was done', () => {
  const line = happeningsOf({ timers: [TIMER], jobs: [JOB], photos: [], events: [] });
  expect(line.map(({ at, words, by }) => [at.slice(5, 10), words, by])).toEqual([
    ['06-09', 'Station 4: Leak (at the gate), done', 'Tobias'],
    ['06-02', 'Station 4: Leak (at the gate), found', 'Ines'],
    ['06-02', 'Visit, which goes on', 'Ines'],
  ]);
  const open = { ...JOB, doneAt: null, doneBy: '' };
  expect(happeningsOf({ timers: [], jobs: [open], photos: [], events: [] })).toHaveLength(1);
});
