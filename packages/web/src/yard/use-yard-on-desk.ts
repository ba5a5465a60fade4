import { useQueryClient } from '@tanstack/react-query';
import { isSameYard, mergeYards, type Yard, type YardConflict } from '@water-clock/core/yards';
import { App } from 'antd';
import { useReducer, useState } from 'react';
import { ApiError, troubleInWords } from '../api/client';
import { saveYard, yardQuery, type StoredYard } from '../api/timers';
import { editHistory, isChanged, openHistory, type HistoryAction } from '../ui/edit-history';
import type { YardEdit } from '@water-clock/core/yards';

/** What somebody else saved meanwhile, brought together with what is here. */
export interface Meanwhile {
  readonly who: string;
  readonly savedAt: string;
  readonly before: Yard;
  readonly theirs: Yard;
  /** What both changed: mine stands, theirs may be taken. */
  readonly conflicts: readonly YardConflict[];
}

const history = (state: ReturnType<typeof openHistory<Yard>>, action: HistoryAction<Yard>) =>
  editHistory(state, action);

/** A yard while it is edited: undo and redo, saving, and two people saving. */
export function useYardOnDesk(stored: StoredYard) {
  const { message } = App.useApp();
  const client = useQueryClient();
  const [state, act] = useReducer(history, stored.document, openHistory<Yard>);
  const [base, setBase] = useState(stored);
  const [isSaving, setSaving] = useState(false);
  const [meanwhile, setMeanwhile] = useState<Meanwhile | null>(null);
  const [undone, setUndone] = useState(0);
  const { timerId } = stored;

  const edit = (change: YardEdit, key?: string) =>
    act({ type: 'edit', edit: change, ...(key !== undefined && { key }) });

  const go = (type: 'undo' | 'redo') => {
    act({ type });
    setUndone((count) => count + 1);
  };

  const bringTogether = async () => {
    const theirs = await client.fetchQuery({ ...yardQuery(timerId), staleTime: 0 });
    const { yard, conflicts } = mergeYards(base.document, state.present, theirs.document);
    setMeanwhile({
      who: theirs.savedBy || 'Somebody else',
      savedAt: theirs.savedAt,
      before: base.document,
      theirs: theirs.document,
      conflicts,
    });
    setBase(theirs);
    edit(() => yard);
    void message.warning('Not saved yet: somebody else saved this yard meanwhile.');
  };

  const save = async (): Promise<boolean> => {
    setSaving(true);
    try {
      const saved = await saveYard(timerId, base.version, state.present);
      setBase(saved);
      setMeanwhile(null);
      client.setQueryData(yardQuery(timerId).queryKey, saved);
      act({ type: 'saved', sent: state.present });
      void message.success('Saved.');
      return true;
    } catch (error) {
      if (error instanceof ApiError && error.status === 409) await bringTogether();
      else
        void message.error(`Not saved, your changes are still here. ${troubleInWords(error)}`, 10);
      return false;
    } finally {
      setSaving(false);
    }
  };

  return {
    yard: state.present,
    isChanged: isChanged(state) && !isSameYard(state.present, state.saved),
    isSaving,
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    edit,
    settle: () => act({ type: 'settle' }),
    /** Counts the undos and redos: what is typed elsewhere than in the yard begins anew with them. */
    undone,
    undo: () => go('undo'),
    redo: () => go('redo'),
    save,
    meanwhile,
  };
}
