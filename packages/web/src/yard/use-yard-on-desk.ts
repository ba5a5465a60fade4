import { isSameYard, mergeYards, type Yard, type YardConflict } from '@water-clock/core/yards';
import { App } from 'antd';
import { useEffect, useEffectEvent, useReducer, useState } from 'react';
import type { StoredYard } from '../api/timers';
import type { OutboxItem } from '../offline/outbox-item';
import { useStoredYard } from '../offline/use-stored';
import {
  SAVED_HERE,
  useBroughtBack,
  useRefusedSave,
  useSettleRefused,
  useTimerSave,
} from '../offline/use-timer-save';
import { yardSave } from '../offline/waiting-saves';
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

/** Brings what is here together with what somebody else saved. */
function broughtTogether(base: StoredYard, mine: Yard, theirs: StoredYard) {
  const { yard, conflicts } = mergeYards(base.document, mine, theirs.document);
  const meanwhile: Meanwhile = {
    who: theirs.savedBy || 'Somebody else',
    savedAt: theirs.savedAt,
    before: base.document,
    theirs: theirs.document,
    conflicts,
  };
  return { yard, meanwhile };
}

/** What the screen begins with: a save that could not go in is there again, unsaved, above what is stored. */
function opened(stored: StoredYard, refused: OutboxItem | undefined) {
  const history = openHistory(stored.document);
  const save = yardSave(refused);
  if (!save) return { history, meanwhile: null };
  const { base, document: mine } = save;
  const { yard, meanwhile } = broughtTogether(base, mine, stored);
  return {
    history: { ...history, present: yard, past: [stored.document] },
    meanwhile: base.version < stored.version ? meanwhile : null,
  };
}

/** A yard while it is edited: undo and redo, saving, and two people saving. */
export function useYardOnDesk(stored: StoredYard) {
  const { message } = App.useApp();
  const { timerId } = stored;
  const refused = useRefusedSave(timerId, 'yard');
  const [first] = useState(() => opened(stored, refused));
  const [state, act] = useReducer(history, first.history);
  const [base, setBase] = useState(stored);
  const [meanwhile, setMeanwhile] = useState(first.meanwhile);
  const [undone, setUndone] = useState(0);

  const edit = (change: YardEdit, key?: string) =>
    act({ type: 'edit', edit: change, ...(key !== undefined && { key }) });

  const go = (type: 'undo' | 'redo') => {
    act({ type });
    setUndone((count) => count + 1);
  };

  const { write, isWriting } = useTimerSave(timerId, 'yard');
  const settleRefused = useSettleRefused(timerId, 'yard');

  const bringTogether = (from: StoredYard, theirs: StoredYard) => {
    const together = broughtTogether(from, state.present, theirs);
    setMeanwhile(together.meanwhile);
    setBase(theirs);
    act({ type: 'refused', stored: theirs.document });
    edit(() => together.yard);
    void message.warning('Not saved yet: somebody else saved this yard meanwhile.');
  };

  const save = async (): Promise<boolean> => {
    const sent = state.present;
    const done = await write({ base, document: sent });
    if (!done) return false;
    const { answer } = done;
    if ('theirs' in answer) {
      bringTogether(base, answer.theirs);
      return false;
    }
    setBase('saved' in answer ? answer.saved : { ...base, document: sent });
    setMeanwhile(null);
    act({ type: 'saved', sent });
    await settleRefused();
    if ('saved' in answer) void message.success('Saved.');
    else void message.info(SAVED_HERE);
    return true;
  };

  // What was saved elsewhere shows here without a reload, where nothing is edited.
  const newest = useStoredYard(timerId).data;
  const show = useEffectEvent((newer: StoredYard) => {
    if (isChanged(state) || refused) return;
    setBase(newer);
    act({ type: 'beneath', saved: newer.document, rebase: (yard) => yard });
  });
  const isNewer = newest !== undefined && newest.version > base.version && !isWriting;
  useEffect(() => {
    if (isNewer) void Promise.resolve(newest).then(show);
  }, [isNewer, newest]);

  useBroughtBack(timerId, 'yard', isWriting, (item, newest) => {
    const from = yardSave(item)?.base;
    if (from && from.version < newest.version) bringTogether(from, newest);
    else act({ type: 'refused', stored: newest.document });
  });

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
