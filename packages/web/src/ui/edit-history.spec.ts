import {
  moveStart,
  setRunTime,
  setStart,
  type Plan,
  type PlanEdit,
} from '@water-clock/core/settings';
import { testPlan } from '../testing/plans';
import { editHistory, isChanged, openHistory, type EditHistory } from './edit-history';

const frozen = testPlan();
const before = JSON.stringify(frozen);
afterEach(() => expect(JSON.stringify(frozen)).toBe(before));

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

  it('what was stored beneath is laid below every step, and what was saved stays saved', () => {
    const name = (plan: Plan) => plan.stations[0]!.name;
    const rebase: PlanEdit = (plan) => ({
      ...plan,
      stations: plan.stations.map((one, at) => (at === 0 ? { ...one, name: 'By the tap' } : one)),
    });
    const stored = rebase(frozen);
    const untouched = editHistory(openHistory(frozen), { type: 'beneath', saved: stored, rebase });
    expect([untouched.present === stored, isChanged(untouched)]).toEqual([true, false]);

    const once = editHistory(openHistory(frozen), {
      type: 'edit',
      edit: setStart('A', 0, '05:00'),
    });
    const beneath = editHistory(once, { type: 'beneath', saved: stored, rebase });
    expect([name(beneath.present), beneath.present.programs[0]!.starts]).toEqual([
      'By the tap',
      ['05:00'],
    ]);
    expect(isChanged(beneath)).toBe(true);
    const undone = editHistory(beneath, { type: 'undo' });
    expect([name(undone.present), isChanged(undone)]).toEqual(['By the tap', false]);
    // What was sent is what is here, though it was made twice.
    const sent = rebase(once.present);
    expect(isChanged(editHistory(beneath, { type: 'saved', sent }))).toBe(false);
  });
});
