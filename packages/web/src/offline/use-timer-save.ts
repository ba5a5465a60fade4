import { useQueryClient, type QueryKey } from '@tanstack/react-query';
import { useEffect, useEffectEvent, useMemo, useRef } from 'react';
import { ApiError } from '../api/client';
import { copiesKey } from '../api/copies';
import { propertiesKey } from '../api/properties';
import {
  saveSettings,
  saveYard,
  settingsQuery,
  settingsToReadQuery,
  storedSettings,
  storedYard,
  timerQuery,
  yardQuery,
} from '../api/timers';
import { isSavedByAnother, type Saved } from '../api/use-versioned-save';
import { useWrite, type Write } from '../api/use-write';
import type { WriteName } from '../api/write-names';
import { todayHere } from '../format/today';
import { useSignedIn } from '../session/use-signed-in';
import { outbox } from './browser-outbox';
import { keepAnswer } from './kept-queries';
import { bodyOf } from './outbox';
import type { OutboxItem } from './outbox-item';
import type { Saving, SettingsSave, TimerSave, YardSave } from './timer-save';
import { useOutbox, useSendLater } from './use-outbox';
import { savesOf } from './waiting-saves';

interface SaveFor {
  readonly yard: YardSave;
  readonly settings: SettingsSave;
}
type StoredOf<What extends Saving> = SaveFor[What]['base'];

/** A document, and the stored state that it was made from. */
type Unsaved<What extends Saving> = Pick<SaveFor[What], 'base' | 'document'>;

/** Where a document of a timer is kept, and what else is another answer once it is saved. */
interface Door<What extends Saving> {
  readonly name: WriteName;
  readonly words: string;
  readonly path: (timerId: string) => string;
  readonly save: (timerId: string, unsaved: Unsaved<What>) => Promise<StoredOf<What>>;
  readonly stored: (timerId: string) => Promise<StoredOf<What>>;
  readonly asSave: (unsaved: Unsaved<What>) => TimerSave;
  /** The keys of the queries whose answer it is; the first one's is kept when it was sent later. */
  readonly answers: (timerId: string) => readonly [QueryKey, ...QueryKey[]];
  readonly touches: (timerId: string) => readonly QueryKey[];
}

const settingsToReadKey = (timerId: string) => settingsToReadQuery(timerId, todayHere()).queryKey;

const DOORS: { readonly [What in Saving]: Door<What> } = {
  yard: {
    name: 'save-yard',
    words: 'The yard',
    path: (timerId) => `/timers/${timerId}/yard`,
    save: (timerId, { base, document }) => saveYard(timerId, base.version, document),
    stored: storedYard,
    asSave: (unsaved) => ({ what: 'yard', ...unsaved }),
    answers: (timerId) => [yardQuery(timerId).queryKey],
    touches: (timerId) => [yardQuery(timerId).queryKey, settingsToReadKey(timerId), propertiesKey],
  },
  settings: {
    name: 'save-settings',
    words: 'The settings',
    path: (timerId) => `/timers/${timerId}/settings?on=${todayHere()}`,
    save: (timerId, { base, document }) =>
      saveSettings(timerId, todayHere(), base.version, document),
    stored: (timerId) => storedSettings(timerId, todayHere()),
    asSave: (unsaved) => ({ what: 'settings', ...unsaved }),
    answers: (timerId) => [
      settingsQuery(timerId, todayHere()).queryKey,
      settingsToReadKey(timerId),
    ],
    touches: () => [copiesKey, propertiesKey],
  },
};

/** Saved, met by somebody else's, or on this device until there is a connection. */
export type TimerSaved<What extends Saving> = Saved<StoredOf<What>> | { readonly waits: true };

/** Said where a save waits on this device. */
export const SAVED_HERE = 'Saved on this device. It is sent when the connection is back.';

/**
 * Saves a yard or settings, now or, without signal, as soon as there is one. Behind a save that still waits the next
 * one waits too. Somebody else's is never overwritten, now or later.
 */
export function useTimerSave<What extends Saving>(
  timerId: string,
  what: What,
  lead = 'Not saved, your changes are still here.',
): Write<Unsaved<What>, TimerSaved<What>> {
  const client = useQueryClient();
  const sendLater = useSendLater();
  const { person } = useSignedIn();
  const door: Door<What> = DOORS[what];

  const newest = async (): Promise<StoredOf<What>> => {
    const stored = await door.stored(timerId);
    client.setQueryData(door.answers(timerId)[0], stored);
    return stored;
  };

  /** On this device first; then, where it can be, to the server at once. */
  const saveLater = async (unsaved: Unsaved<What>): Promise<TimerSaved<What>> => {
    const id = crypto.randomUUID();
    const save = door.asSave(unsaved);
    const [answers, ...others] = door.answers(timerId);
    const timer = client.getQueryData(timerQuery(timerId).queryKey)?.name ?? 'the timer';
    await sendLater({
      ...{ id, lane: timerId, method: 'PUT', path: door.path(timerId), body: bodyOf(save) },
      ...{
        save,
        words: `${door.words} of ${timer}`,
        answers,
        touches: [...others, ...door.touches(timerId)],
      },
    });
    if (await outbox.settled(id)) return { saved: await newest() };
    const item = outbox.item(id);
    if (item?.trouble === undefined) return { waits: true };
    await outbox.discard(id);
    const theirs = await newest();
    if (theirs.version === unsaved.base.version) throw new Error(item.trouble);
    return { theirs };
  };

  const save = async (unsaved: Unsaved<What>): Promise<TimerSaved<What>> => {
    const own = outbox.snapshot().filter(({ personId }) => personId === person.id);
    if (savesOf(own, timerId, what).some(({ trouble }) => trouble === undefined))
      return saveLater(unsaved);
    try {
      const saved = await door.save(timerId, unsaved);
      for (const key of door.answers(timerId)) await keepAnswer(client, key, saved);
      return { saved };
    } catch (error) {
      if (isSavedByAnother(error)) return { theirs: await newest() };
      if (!(error instanceof ApiError) || error.status !== 0) throw error;
      return saveLater(unsaved);
    }
  };

  return useWrite<Unsaved<What>, TimerSaved<What>>(door.name, save, {
    touches: door.touches(timerId),
    lead,
    isOfFields: true,
  });
}

/** A save that was made without signal and could not go in: the last one stands for those before it. */
export function useRefusedSave(timerId: string, what: Saving): OutboxItem | undefined {
  const items = useOutbox();
  return useMemo(() => {
    const last = savesOf(items, timerId, what).at(-1);
    return last?.trouble === undefined ? undefined : last;
  }, [items, timerId, what]);
}

/**
 * Brings back to the screen what was saved there without signal and could not go in afterwards: calls `bring` with
 * what is stored by now, once for each such save that was not there when the screen was opened.
 */
export function useBroughtBack<What extends Saving>(
  timerId: string,
  what: What,
  isBusy: boolean,
  bring: (refused: OutboxItem, newest: StoredOf<What>) => void,
): void {
  const refused = useRefusedSave(timerId, what);
  const known = useRef(refused?.id);
  const take = useEffectEvent((item: OutboxItem, newest: StoredOf<What>) => {
    known.current = item.id;
    bring(item, newest);
  });
  useEffect(() => {
    // What cannot be had now is met when it is saved.
    if (refused && refused.id !== known.current && !isBusy)
      DOORS[what]
        .stored(timerId)
        .then((newest) => take(refused, newest))
        .catch(() => undefined);
  }, [refused, timerId, what, isBusy]);
}

/**
 * Forgets one's own saves that could not go in: one has chosen, or has saved what was brought back. Never after a save
 * of something else of the same document: what was refused is nowhere but there.
 */
export function useSettleRefused(timerId: string, what: Saving): () => Promise<void> {
  const { person } = useSignedIn();
  return async () => {
    const own = outbox.snapshot().filter(({ personId }) => personId === person.id);
    for (const { id, trouble } of savesOf(own, timerId, what))
      if (trouble !== undefined) await outbox.discard(id);
  };
}
