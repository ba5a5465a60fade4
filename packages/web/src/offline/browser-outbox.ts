import { createStore } from 'idb-keyval';
import { send } from '../api/client';
import { storedSettings, storedYard } from '../api/timers';
import { todayHere } from '../format/today';
import { Outbox, type Meet, type Tabs } from './outbox';
import { meetSettings, meetYard } from './waiting-saves';

const LOCK = 'water-clock-outbox';

function browserTabs(): Tabs {
  const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(LOCK);
  return {
    // Browsers have locks, and service workers, on https only: without them it is one tab that works offline.
    alone: async (work) => {
      if (!('locks' in navigator)) return work();
      await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
        if (lock) await work();
      });
    },
    tell: () => channel?.postMessage(null),
    listen: (listener) => channel?.addEventListener('message', listener),
  };
}

const meet: Meet = async ({ lane: timerId }, save) => {
  if (save.what === 'yard') return meetYard(save, await storedYard(timerId));
  const [newer, yard] = await Promise.all([
    storedSettings(timerId, todayHere()),
    storedYard(timerId),
  ]);
  return meetSettings(save, newer, yard.document);
};

/** The queue of this browser, which all its tabs share. */
export const outbox = new Outbox(
  createStore('water-clock-outbox', 'changes'),
  (path, asked) => send(`/api${path}`, asked),
  browserTabs(),
  meet,
);
