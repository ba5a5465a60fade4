import { useQuery, useQueryClient } from '@tanstack/react-query';
import { differences } from '@water-clock/core/compare';
import type { Plan, PlanEdit } from '@water-clock/core/settings';
import { withFollowers, withYard, type Yard } from '@water-clock/core/yards';
import { App } from 'antd';
import { useCallback, useEffect, useEffectEvent, useReducer, useState } from 'react';
import { copiesKey } from '../../api/copies';
import { propertiesKey } from '../../api/properties';
import {
  saveSettings,
  settingsQuery,
  settingsToReadQuery,
  yardQuery,
  type StoredSettings,
} from '../../api/timers';
import { useVersionedSave } from '../../api/use-versioned-save';
import { keepAnswer } from '../../offline/kept-queries';
import {
  editHistory,
  isChanged,
  openHistory,
  type EditHistory,
  type HistoryAction,
} from '../../ui/edit-history';
import { todayHere } from '../../format/today';

export interface SettingsOnDesk {
  readonly plan: Plan;
  readonly isChanged: boolean;
  readonly isSaving: boolean;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly edit: (edit: PlanEdit, key?: string) => void;
  readonly settle: () => void;
  readonly undo: () => void;
  readonly redo: () => void;
  /** Saves what is on the desk; true when it was saved. */
  readonly save: () => Promise<boolean>;
  /** What somebody else saved meanwhile; null while nobody did. */
  readonly theirs: StoredSettings | null;
  /** Takes theirs onto the desk; mine is one undo away. */
  readonly takeTheirs: () => void;
  /** Saves mine over theirs. */
  readonly keepMine: () => Promise<boolean>;
  readonly decideLater: () => void;
}

const planHistory = (state: EditHistory<Plan>, action: HistoryAction<Plan>) =>
  editHistory(state, action);

/**
 * The settings while they are on the desk: edits, undo and redo, saving, and two people saving.
 * With every edit the stations that follow others, by the yard, take after them.
 */
export function useSettingsOnDesk(stored: StoredSettings, yard: Yard): SettingsOnDesk {
  const { message } = App.useApp();
  const client = useQueryClient();
  const [history, act] = useReducer(planHistory, stored.document, openHistory<Plan>);
  const [base, setBase] = useState(stored);
  const [theirs, setTheirs] = useState<StoredSettings | null>(null);
  const { present } = history;
  const { timerId } = stored;
  const on = todayHere();

  const { write, isWriting } = useVersionedSave({
    name: 'save-settings',
    save: ({ document, version }: Pick<StoredSettings, 'document' | 'version'>) =>
      saveSettings(timerId, on, version, document),
    newest: () => client.query({ ...settingsQuery(timerId, on), staleTime: 0 }),
    touches: [copiesKey, propertiesKey],
    lead: 'Not saved, your changes are still here.',
  });

  /**
   * Settings that say of the stations only what the yard says by now are not somebody else's: they are taken in
   * below what is edited here. Gives how, or null where more was changed.
   */
  const takeIn = async (newer: StoredSettings): Promise<PlanEdit | null> => {
    const now = await client.query({ ...yardQuery(timerId), staleTime: 0 });
    const rebase: PlanEdit = (plan) => withYard(plan, now.document);
    if (differences(rebase(base.document), newer.document).length > 0) return null;
    setBase(newer);
    act({ type: 'beneath', saved: newer.document, rebase });
    return rebase;
  };

  const saveFrom = async (version: number, document: Plan): Promise<boolean> => {
    const done = await write({ document, version });
    if (!done) return false;
    if ('theirs' in done.answer) {
      const newer = done.answer.theirs;
      // Where it cannot be told whose it is, one chooses.
      const rebase = await takeIn(newer).catch(() => null);
      if (rebase) return saveFrom(newer.version, rebase(document));
      setTheirs(newer);
      return false;
    }
    const { saved } = done.answer;
    setBase(saved);
    await keepAnswer(client, settingsQuery(timerId, on).queryKey, saved);
    // Without signal, what is saved here is what is keyed in.
    await keepAnswer(client, settingsToReadQuery(timerId, on).queryKey, saved);
    act({ type: 'saved', sent: document });
    void message.success('Saved.');
    return true;
  };

  // What the yard says by now shows here without a reload.
  const newest = useQuery(settingsToReadQuery(timerId, on)).data;
  const meet = useEffectEvent(takeIn);
  const isNewer = newest !== undefined && newest.version > base.version && !isWriting;
  useEffect(() => {
    // What cannot be had now is met when it is saved.
    if (isNewer)
      Promise.resolve(newest)
        .then(meet)
        .catch(() => undefined);
  }, [isNewer, newest]);

  return {
    plan: present,
    isChanged: isChanged(history),
    isSaving: isWriting,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    edit: useCallback(
      (edit, key) =>
        act({
          type: 'edit',
          edit: (plan) => withFollowers(edit(plan), yard),
          ...(key !== undefined && { key }),
        }),
      [yard],
    ),
    settle: useCallback(() => act({ type: 'settle' }), []),
    undo: useCallback(() => act({ type: 'undo' }), []),
    redo: useCallback(() => act({ type: 'redo' }), []),
    save: () => saveFrom(base.version, present),
    theirs,
    takeTheirs: () => {
      if (!theirs) return;
      setBase(theirs);
      act({ type: 'theirs', document: theirs.document });
      setTheirs(null);
    },
    keepMine: async () => {
      const version = theirs?.version ?? base.version;
      setTheirs(null);
      return saveFrom(version, present);
    },
    decideLater: () => setTheirs(null),
  };
}
