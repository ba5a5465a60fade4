import { readPlan, type Plan } from '@water-clock/core/settings';
import { GENERIC_TYPES } from '@water-clock/core/timer-types';
import { testPlan } from '../testing/plans';
import { editHistory, isChanged, openHistory, type EditHistory } from './edit-history';
import { newPlan } from '@water-clock/core/settings';
import {
  addStation,
  moveStart,
  nextStationNumber,
  programOf,
  removeStation,
  setRunTime,
  setStart,
  setStation,
  setTimer,
  type PlanEdit,
} from '@water-clock/core/settings';

const frozen = testPlan();
const before = JSON.stringify(frozen);
afterEach(() => expect(JSON.stringify(frozen)).toBe(before));

describe('edits', () => {
  it('set run times, and take a station out of a program', () => {
    const set = setRunTime('B', 1, 300)(frozen);
    expect(programOf(set, 'B').runs).toEqual([
      { station: 1, seconds: 300 },
      { station: 3, seconds: 2400 },
    ]);
    expect(programOf(setRunTime('B', 3, null)(set), 'B').runs).toHaveLength(1);
  });

  it('make a program that was not mentioned, in the order of the timer', () => {
    const plan = { ...frozen, programs: frozen.programs.slice(1) };
    const after = setStart('A', 0, '02:00')(plan);
    expect(after.programs.map(({ id }) => id)).toEqual(['A', 'B']);
  });

  it('set, add and clear starts', () => {
    const two = setStart('A', 1, '21:00')(frozen);
    expect(programOf(two, 'A').starts).toEqual(['03:30', '21:00']);
    expect(programOf(setStart('A', 0, null)(two), 'A').starts).toEqual(['21:00']);
  });

  it('move starts round the clock', () => {
    const two = setStart('A', 1, '23:50')(frozen);
    expect(programOf(moveStart('A', 1, 15)(two), 'A').starts).toEqual(['03:30', '00:05']);
    expect(programOf(moveStart('A', 'all', -240)(two), 'A').starts).toEqual(['23:30', '19:50']);
  });

  it('add stations where there is room, and remove them from every program', () => {
    expect(nextStationNumber(frozen)).toBe(4);
    const less = removeStation(1)(frozen);
    expect(nextStationNumber(less)).toBe(1);
    expect(programOf(less, 'A').runs.map(({ station }) => station)).toEqual([2]);
    expect(addStation(1)(less).stations.map(({ number }) => number)).toEqual([1, 2, 3]);
    expect(nextStationNumber(setTimer({ stations: 3 })(frozen))).toBeNull();
  });

  it('of the timer drop the programs that it no longer has', () => {
    expect(setTimer({ programs: ['A'] })(frozen).programs.map(({ id }) => id)).toEqual(['A']);
  });

  it('leave a plan that can be read', () => {
    const edits: PlanEdit[] = [
      setStation(1, { cycleSeconds: undefined } as object),
      addStation(9, 'Far bed'),
      setRunTime('C', 9, 60),
      setTimer({ stations: 9 }),
    ];
    const after = edits.reduce((plan, edit) => edit(plan), frozen);
    expect(readPlan(JSON.parse(JSON.stringify(after)))).toMatchObject({ ok: true });
  });
});

describe('history', () => {
  const act = (history: EditHistory<Plan>, ...edits: [PlanEdit, string?][]) =>
    edits.reduce(
      (now, [edit, key]) => editHistory(now, { type: 'edit', edit, ...(key && { key }) }),
      history,
    );
  const open = () => openHistory(frozen);

  it('goes back and forth, and knows what is saved', () => {
    const edited = act(open(), [setStart('A', 0, '05:00')]);
    expect([isChanged(open()), isChanged(edited)]).toEqual([false, true]);
    const undone = editHistory(edited, { type: 'undo' });
    expect([undone.present, isChanged(undone)]).toEqual([frozen, false]);
    expect(editHistory(undone, { type: 'redo' }).present).toBe(edited.present);
    expect(isChanged(editHistory(edited, { type: 'saved', sent: edited.present }))).toBe(false);
  });

  it('joins the edits of one gesture, until it settles', () => {
    const edit: [PlanEdit, string] = [moveStart('A', 0, 15), 'drag 1'];
    const dragged = act(open(), edit, edit, edit);
    expect(dragged.past).toEqual([frozen]);
    const again = act(editHistory(dragged, { type: 'settle' }), edit);
    expect(again.past).toHaveLength(2);
  });

  it('forgets typing that ends where it began, and edits that change nothing', () => {
    const typed = act(open(), [setRunTime('A', 1, 60), 'cell'], [setRunTime('A', 1, 1200), 'cell']);
    expect([typed.past, isChanged(typed)]).toEqual([[], false]);
    expect(act(open(), [setRunTime('A', 1, 1200)])).toEqual(open());
  });

  it('keeps edits made while a save was under way, unsaved', () => {
    const sent = act(open(), [setStart('A', 0, '05:00')]);
    const later = act(sent, [setStart('A', 0, '06:00')]);
    expect(isChanged(editHistory(later, { type: 'saved', sent: sent.present }))).toBe(true);
  });

  it("takes somebody else's settings, with mine one undo away", () => {
    const mine = act(open(), [setStart('A', 0, '05:00')]);
    const theirs = setStart('A', 0, '07:00')(frozen);
    const taken = editHistory(mine, { type: 'theirs', document: theirs });
    expect([taken.present, isChanged(taken)]).toEqual([theirs, false]);
    const back = editHistory(taken, { type: 'undo' });
    expect([back.present, isChanged(back)]).toEqual([mine.present, true]);
  });
});

it('a new timer of any kind begins with settings that can be read', () => {
  const property = {
    name: 'Plum cottage',
    timeZone: 'America/Denver',
    latitude: null,
    longitude: null,
  };
  for (const { timer } of GENERIC_TYPES) {
    const read = readPlan(JSON.parse(JSON.stringify(newPlan(property, timer, 30))));
    expect(read).toMatchObject({ ok: true, value: { timer: { name: timer.name } } });
  }
});
