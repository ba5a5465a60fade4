import { useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { useCallback, useReducer, useRef, useState } from 'react';
import type { Plan } from '@water-clock/core/settings';
import { withFollowers, type Yard } from '@water-clock/core/yards';
import { ApiError, troubleInWords } from '../../api/client';
import {
  saveSettings,
  settingsQuery,
  settingsToReadQuery,
  type StoredSettings,
} from '../../api/timers';
import {
  editHistory,
  isChanged,
  openHistory,
  type EditHistory,
  type HistoryAction,
} from '../../ui/edit-history';
import { todayHere } from '../../format/today';
import type { PlanEdit } from '@water-clock/core/settings';

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
  const version = useRef(stored.version);
  const [isSaving, setSaving] = useState(false);
  const [theirs, setTheirs] = useState<StoredSettings | null>(null);
  const { present } = history;
  const { timerId } = stored;

  const saveFrom = async (base: number): Promise<boolean> => {
    setSaving(true);
    try {
      const saved = await saveSettings(timerId, todayHere(), base, present);
      version.current = saved.version;
      client.setQueryData(settingsQuery(timerId, todayHere()).queryKey, saved);
      // Without signal, what is saved here is what is keyed in.
      client.setQueryData(settingsToReadQuery(timerId, todayHere()).queryKey, saved);
      act({ type: 'saved', sent: present });
      void message.success('Saved.');
      return true;
    } catch (error) {
      if (error instanceof ApiError && error.status === 409)
        setTheirs(
          await client.fetchQuery({ ...settingsQuery(timerId, todayHere()), staleTime: 0 }),
        );
      else
        void message.error(`Not saved, your changes are still here. ${troubleInWords(error)}`, 10);
      return false;
    } finally {
      setSaving(false);
    }
  };

  return {
    plan: present,
    isChanged: isChanged(history),
    isSaving,
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
    save: () => saveFrom(version.current),
    theirs,
    takeTheirs: () => {
      if (!theirs) return;
      version.current = theirs.version;
      act({ type: 'theirs', document: theirs.document });
      setTheirs(null);
    },
    keepMine: async () => {
      const base = theirs?.version ?? version.current;
      setTheirs(null);
      return saveFrom(base);
    },
    decideLater: () => setTheirs(null),
  };
}
