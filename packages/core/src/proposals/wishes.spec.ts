import { readWishes, WISHES_FORMAT } from './index.js';

const wishes = {
  format: WISHES_FORMAT,
  headroomPercent: 130,
  byDayFrom: '08:00',
  byDayTo: '16:00',
  targets: [
    { station: 2, need: { everyDays: 6, seconds: 900 }, cleared: ['maxPieceSeconds'] },
    { station: 3, minSoakSeconds: 1200 },
  ],
  keptPrograms: ['C'],
};

it('are read as they were kept, with what is usual where nothing was said', () => {
  expect(readWishes(wishes)).toEqual({
    ...wishes,
    usesIntervals: true,
    leavesRoom: true,
    isSeedByDay: true,
    targets: [wishes.targets[0], { ...wishes.targets[1], cleared: [] }],
    keptStations: [],
  });
});

it.each([
  ['nothing', null],
  ['another format', { ...wishes, format: 'waterclock.wishes/9' }],
  ['no hours', { ...wishes, byDayFrom: '25:00' }],
  ['a need of no kind', { ...wishes, targets: [{ station: 1, need: { everyDays: 0 } }] }],
  ['a field that is not known', { ...wishes, targets: [{ station: 1, cleared: ['name'] }] }],
])('%s is no wish', (_, document) => {
  expect(readWishes(document)).toBeNull();
});
