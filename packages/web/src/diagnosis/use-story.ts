import type { DayNumber } from '@water-clock/core/civil-time';
import { useCallback, useEffect, useReducer } from 'react';
import { draftOf, keepDraft } from '../offline/drafts';
import { useSignedIn } from '../session/use-signed-in';
import {
  editHistory,
  isChanged,
  openHistory,
  type EditHistory,
  type HistoryAction,
} from '../ui/edit-history';
import { useEditKeys } from '../ui/use-edit-keys';
import { blankStory, storyOf, type Story } from './story';

const stories = (state: EditHistory<Story>, action: HistoryAction<Story>) =>
  editHistory(state, action);

/** What was seen of a timer, kept on this device as it is told, with the way back and forth. */
export function useStory(timerId: string, today: DayNumber) {
  const { person } = useSignedIn();
  const name = `seen.${timerId}`;
  const [state, act] = useReducer(stories, null, () =>
    openHistory(storyOf(draftOf(person.id, name), today)),
  );
  const story = state.present;
  const isBlank = story.told.length === 0 && story.answers.length === 0 && !story.isWhole;
  const hasMoved = isChanged(state) || !isBlank;
  useEffect(() => {
    if (hasMoved) keepDraft(person.id, name, isBlank ? null : story);
  }, [person.id, name, story, isBlank, hasMoved]);
  const edit = useCallback(
    (change: (story: Story) => Story, key?: string) =>
      act({ type: 'edit', edit: change, ...(key !== undefined && { key }) }),
    [],
  );
  const [undo, redo] = [() => act({ type: 'undo' }), () => act({ type: 'redo' })];
  // It is kept as it is told: there is nothing to save.
  useEditKeys({ isChanged: false, undo, redo, save: () => Promise.resolve(true) });
  return {
    ...{ story, isBlank, edit, undo, redo },
    canUndo: state.past.length > 0,
    canRedo: state.future.length > 0,
    startOver: () => edit(() => blankStory(today)),
  };
}
