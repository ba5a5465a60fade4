import { useQueryClient } from '@tanstack/react-query';
import { differences } from '@water-clock/core/compare';
import type { Plan, PlanEdit } from '@water-clock/core/settings';
import { withFollowers, withYard, type Yard } from '@water-clock/core/yards';
import { App } from 'antd';
import { useCallback, useEffect, useEffectEvent, useReducer, useState } from 'react';
import { yardQuery, type StoredSettings } from '../../api/timers';
import { useStoredSettings } from '../../offline/use-stored';
import {
  SAVED_HERE,
  useBroughtBack,
  useRefusedSave,
  useSettleRefused,
  useTimerSave,
} from '../../offline/use-timer-save';
import type { OutboxItem } from '../../offline/outbox-item';
import { settingsSave } from '../../offline/waiting-saves';
import {
  editHistory,
  isChanged,
  openHistory,
  type EditHistory,
  type HistoryAction,
} from '../../ui/edit-history';

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

/** A save that could not go in is on the desk again, unsaved, above what is stored. */
const openedWith = (stored: StoredSettings, refused: OutboxItem | undefined): EditHistory<Plan> => {
  const history = openHistory(stored.document);
  const save = settingsSave(refused);
  return save ? { ...history, present: save.document, past: [stored.document] } : history;
};

/**
 * The settings while they are on the desk: edits, undo and redo, saving, and two people saving.
 * With every edit the stations that follow others, by the yard, take after them.
 */
export function useSettingsOnDesk(stored: StoredSettings, yard: Yard): SettingsOnDesk {
  const { message } = App.useApp();
  const client = useQueryClient();
  const { timerId } = stored;
  const refused = useRefusedSave(timerId, 'settings');
  const [history, act] = useReducer(planHistory, null, () => openedWith(stored, refused));
  const [base, setBase] = useState(settingsSave(refused)?.base ?? stored);
  const [theirs, setTheirs] = useState(base.version < stored.version ? stored : null);
  const { present } = history;

  const { write, isWriting } = useTimerSave(timerId, 'settings');
  const settleRefused = useSettleRefused(timerId, 'settings');

  /**
   * Settings that say what those here were made from, or only what the yard says of the stations by now, are not
   * somebody else's: they are taken in below what is edited here. Gives how, or null where more was changed.
   */
  const takeIn = async (newer: StoredSettings): Promise<PlanEdit | null> => {
    const isNewer = (plan: Plan) => differences(plan, newer.document).length === 0;
    let rebase: PlanEdit = (plan) => plan;
    if (!isNewer(base.document)) {
      const now = await client.query({ ...yardQuery(timerId), staleTime: 0 });
      rebase = (plan) => withYard(plan, now.document);
      if (!isNewer(rebase(base.document))) return null;
    }
    setBase(newer);
    act({ type: 'beneath', saved: newer.document, rebase });
    return rebase;
  };

  const saveFrom = async (from: StoredSettings, document: Plan): Promise<boolean> => {
    const done = await write({ document, base: from });
    if (!done) return false;
    const { answer } = done;
    if ('theirs' in answer) {
      const newer = answer.theirs;
      // Where it cannot be told whose it is, one chooses.
      const rebase = await takeIn(newer).catch(() => null);
      if (rebase) return saveFrom(newer, rebase(document));
      setTheirs(newer);
      return false;
    }
    setBase('saved' in answer ? answer.saved : { ...from, document });
    act({ type: 'saved', sent: document });
    await settleRefused();
    if ('saved' in answer) void message.success('Saved.');
    else void message.info(SAVED_HERE);
    return true;
  };

  useBroughtBack(timerId, 'settings', isWriting, (item, newer) => {
    const from = settingsSave(item)?.base ?? newer;
    setBase(from);
    act({ type: 'refused', stored: newer.document });
    setTheirs(from.version < newer.version ? newer : null);
  });

  /** Shows what somebody saved, where nothing is edited here, and nothing of here waits to be chosen. */
  const show = useEffectEvent((newer: StoredSettings) => {
    if (isChanged(history) || refused) return;
    setBase(newer);
    act({ type: 'beneath', saved: newer.document, rebase: (plan) => plan });
    void message.info(`${newer.savedBy || 'Somebody'} saved this timer: the desk shows it.`);
  });

  // What the yard says by now, and what was saved elsewhere, shows here without a reload.
  const newest = useStoredSettings(timerId, { isToRead: true }).data;
  const meet = useEffectEvent(takeIn);
  const isNewer = newest !== undefined && newest.version > base.version && !isWriting;
  useEffect(() => {
    // What cannot be had now is met when it is saved.
    if (isNewer)
      Promise.resolve(newest)
        .then(meet)
        .then((taken) => taken ?? show(newest))
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
    save: () => saveFrom(base, present),
    theirs,
    takeTheirs: () => {
      if (!theirs) return;
      setBase(theirs);
      act({ type: 'theirs', document: theirs.document });
      setTheirs(null);
      void settleRefused();
    },
    keepMine: async () => {
      setTheirs(null);
      return saveFrom(theirs ?? base, present);
    },
    decideLater: () => setTheirs(null),
  };
}
