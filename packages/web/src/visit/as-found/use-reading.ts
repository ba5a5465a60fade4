import { readPlan, type Plan, type PlanEdit } from '@water-clock/core/settings';
import { useCallback, useEffect, useReducer, useState } from 'react';
import { draftOf, keepDraft } from '../../offline/drafts';
import {
  editHistory,
  openHistory,
  type EditHistory,
  type HistoryAction,
} from '../../ui/edit-history';
import { partsRead } from './parts-read';

/** A draft that was kept; whatever can no longer be read is none. */
function planOf(draft: unknown): Plan | null {
  const read = readPlan(draft);
  return read.ok ? read.value : null;
}

const reading = (state: EditHistory<Plan>, action: HistoryAction<Plan>) =>
  editHistory(state, action);

/**
 * What is read off a timer, kept on this device until it is saved. `blank` is the timer with nothing read, the same
 * object while it is the same; where another one comes, what was entered stays as it is.
 */
export function useReading(personId: string, timerId: string, blank: Plan) {
  const draft = `as-found.${timerId}`;
  const idDraft = `as-found-id.${timerId}`;
  // Photos belong to a reading before it is saved.
  const [copyId] = useState(() => {
    const kept = draftOf(personId, idDraft);
    return typeof kept === 'string' ? kept : crypto.randomUUID();
  });
  useEffect(() => keepDraft(personId, idDraft, copyId), [personId, idDraft, copyId]);
  const [state, act] = useReducer(reading, null, () => ({
    ...openHistory(blank),
    present: planOf(draftOf(personId, draft)) ?? blank,
  }));
  useEffect(() => act({ type: 'beneath', saved: blank, rebase: (document) => document }), [blank]);
  const { present: plan, saved } = state;
  const isRead = partsRead(plan, saved);
  const isBegun = isRead.includes(true);
  useEffect(
    () => keepDraft(personId, draft, isBegun ? plan : null),
    [plan, isBegun, personId, draft],
  );
  return {
    plan,
    /** Under which it is saved. */
    copyId,
    /** Of the clock, each program and the rest, in this order. */
    isRead,
    isBegun,
    canUndo: state.past.length > 0,
    edit: useCallback(
      (change: PlanEdit, key?: string) =>
        act({ type: 'edit', edit: change, ...(key !== undefined && { key }) }),
      [],
    ),
    settle: useCallback(() => act({ type: 'settle' }), []),
    undo: () => act({ type: 'undo' }),
    redo: () => act({ type: 'redo' }),
    beginAnew: () => act({ type: 'edit', edit: () => saved }),
    forget: () => {
      keepDraft(personId, draft, null);
      keepDraft(personId, idDraft, null);
    },
  };
}
