/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { aroundScreens, answeringWith } from '../../testing/in-app';
import { useWishes, type TargetChange, type Wanted } from './use-wishes';

const USUAL: Wanted = {
  finishBy: '06:00',
  earliestStart: '18:00',
  headroomPercent: 120,
  usesIntervals: true,
  isSeedByDay: true,
  leavesRoom: true,
  byDayFrom: '07:00',
  byDayTo: '17:00',
};
const open = (name: string, usual = USUAL) =>
  renderHook(() => useWishes(name, usual), { wrapper: aroundScreens().wrapper });

beforeEach(() => {
  localStorage.clear();
  answeringWith({});
});

it('last over a reload, typed, emptied and pinned as they were, of one timer alone', () => {
  const before = open('wishes.garage');
  expect(before.result.current).toMatchObject({ wanted: USUAL, isOwn: false });
  const changes = new Map<number, TargetChange>([
    [1, { need: { weeklySeconds: 1800, daysPerWeek: [2, 3] }, maxPieceSeconds: null }],
    [4, { minSoakSeconds: 0 }],
  ]);
  act(() =>
    before.result.current.set(({ wanted }) => ({
      wanted: { ...wanted, finishBy: '', headroomPercent: 130 },
    })),
  );
  act(() => before.result.current.set(() => ({ changes })));
  act(() => before.result.current.set(() => ({ pinned: { programs: ['C'], stations: [7] } })));
  before.unmount();

  expect(open('wishes.garage').result.current).toMatchObject({
    wanted: { ...USUAL, finishBy: '', headroomPercent: 130 },
    changes,
    pinned: { programs: ['C'], stations: [7] },
    isOwn: true,
  });
  expect(open('wishes.shed').result.current.isOwn).toBe(false);
});

it('given up, what is usual holds again, as it is by then', () => {
  const { result, unmount } = open('wishes.garage');
  act(() => result.current.set(() => ({ pinned: { programs: ['A'], stations: [] } })));
  act(() => result.current.asUsual());
  unmount();
  const later = open('wishes.garage', { ...USUAL, finishBy: '05:30' });
  expect(later.result.current).toMatchObject({
    wanted: { finishBy: '05:30' },
    pinned: { programs: [], stations: [] },
    isOwn: false,
  });
});
