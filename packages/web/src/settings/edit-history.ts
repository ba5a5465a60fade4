import type { Plan } from '@water-clock/core/settings';
import type { PlanEdit } from './plan-edits';

/** The settings on the desk, and the way back and forth between their states. */
export interface EditHistory {
  readonly present: Plan;
  /** What is stored on the server. */
  readonly saved: Plan;
  readonly past: readonly Plan[];
  readonly future: readonly Plan[];
  /** Edits with the same key, one after the other, are one step back. */
  readonly runningKey: string | null;
}

export type HistoryAction =
  | { readonly type: 'edit'; readonly edit: PlanEdit; readonly key?: string }
  | { readonly type: 'settle' }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' }
  | { readonly type: 'saved'; readonly sent: Plan }
  | { readonly type: 'theirs'; readonly plan: Plan };

const MOST_STEPS = 200;

export const openHistory = (plan: Plan): EditHistory => ({
  present: plan,
  saved: plan,
  past: [],
  future: [],
  runningKey: null,
});

export const isChanged = ({ present, saved }: EditHistory): boolean => present !== saved;

export function editHistory(history: EditHistory, action: HistoryAction): EditHistory {
  const { present, past, future } = history;
  switch (action.type) {
    case 'edit': {
      const next = action.edit(present);
      if (JSON.stringify(next) === JSON.stringify(present)) return history;
      const goesOn = action.key !== undefined && action.key === history.runningKey;
      const before = past.at(-1);
      // Typing that ends where it began is no step.
      if (goesOn && before && JSON.stringify(next) === JSON.stringify(before))
        return { ...history, present: before, past: past.slice(0, -1), runningKey: null };
      return {
        ...history,
        present: next,
        past: goesOn ? past : [...past, present].slice(-MOST_STEPS),
        future: [],
        runningKey: action.key ?? null,
      };
    }
    case 'settle':
      return { ...history, runningKey: null };
    case 'undo': {
      const before = past.at(-1);
      if (!before) return history;
      return {
        ...history,
        present: before,
        past: past.slice(0, -1),
        future: [present, ...future],
        runningKey: null,
      };
    }
    case 'redo': {
      const [next, ...rest] = future;
      if (!next) return history;
      return {
        ...history,
        present: next,
        past: [...past, present],
        future: rest,
        runningKey: null,
      };
    }
    case 'saved':
      // Whatever was edited while the save was under way stays, and stays unsaved.
      return { ...history, saved: action.sent, runningKey: null };
    case 'theirs':
      return {
        present: action.plan,
        saved: action.plan,
        past: [...past, present].slice(-MOST_STEPS),
        future: [],
        runningKey: null,
      };
  }
}
