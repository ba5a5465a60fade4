import { useQueryClient } from '@tanstack/react-query';
import { isSameYard, mergeYards, type Yard, type YardConflict } from '@water-clock/core/yards';
import { App } from 'antd';
import { useReducer, useState } from 'react';
import { propertiesKey } from '../api/properties';
import { saveYard, settingsToReadQuery, yardQuery, type StoredYard } from '../api/timers';
import { useVersionedSave } from '../api/use-versioned-save';
import { keepAnswer } from '../offline/kept-queries';
import { todayHere } from '../format/today';
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
  const [meanwhile, setMeanwhile] = useState<Meanwhile | null>(null);
  const [undone, setUndone] = useState(0);
  const { timerId } = stored;

  const edit = (change: YardEdit, key?: string) =>
    act({ type: 'edit', edit: change, ...(key !== undefined && { key }) });

  const go = (type: 'undo' | 'redo') => {
    act({ type });
    setUndone((count) => count + 1);
  };

  const { write, isWriting } = useVersionedSave({
    name: 'save-yard',
    save: (yard: Yard) => saveYard(timerId, base.version, yard),
    newest: () => client.query({ ...yardQuery(timerId), staleTime: 0 }),
    touches: [settingsToReadQuery(timerId, todayHere()).queryKey, propertiesKey],
    lead: 'Not saved, your changes are still here.',
  });

  const bringTogether = (theirs: StoredYard) => {
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
    const sent = state.present;
    const done = await write(sent);
    if (!done) return false;
    if ('theirs' in done.answer) {
      bringTogether(done.answer.theirs);
      return false;
    }
    const { saved } = done.answer;
    setBase(saved);
    setMeanwhile(null);
    await keepAnswer(client, yardQuery(timerId).queryKey, saved);
    act({ type: 'saved', sent });
    void message.success('Saved.');
    return true;
  };

  return {
    yard: state.present,
    isChanged: isChanged(state) && !isSameYard(state.present, state.saved),
    isSaving: isWriting,
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
