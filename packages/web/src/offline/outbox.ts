import { del, set, values, type UseStore } from 'idb-keyval';
import { ApiError, troubleInWords } from '../api/client';
import { carriedOver, type QueuedItem } from './carried-over';
import type { Method, OutboxItem } from './outbox-item';
import type { TimerSave } from './timer-save';

/** A change that the server has, and what it answered. */
export interface Sent {
  readonly item: OutboxItem;
  readonly answer: unknown;
}

/** Takes in what was sent, before it is forgotten. */
type OnSent = (sent: readonly Sent[]) => Promise<unknown>;

export type Send = (path: string, asked: { method: Method; body: unknown }) => Promise<unknown>;

/**
 * Meets what somebody else saved meanwhile: the save as it goes in over it, what is stored where that is the same,
 * or null where one has to choose. Rejects where it cannot be had now.
 */
export type Meet = (
  item: OutboxItem,
  save: TimerSave,
) => Promise<{ readonly answer: unknown } | { readonly again: TimerSave } | null>;

/** What keeps several tabs from sending the same change, and tells them of each other's. */
export interface Tabs {
  /** Runs alone among all tabs; not at all where another is at it. */
  readonly alone: (work: () => Promise<void>) => Promise<void>;
  readonly tell: () => void;
  readonly listen: (listener: () => void) => void;
}

const FIRST_WAIT_MS = 2000;
const LONGEST_WAIT_MS = 5 * 60_000;
const LOOKED_ON_MS = 5000;
/** After so many, what they changed is asked for anew, and they count as sent. */
const MOST_IN_A_ROUND = 10;

/** How long to wait after so many tries: twice as long each time, up to five minutes. */
export const waitAfter = (tries: number): number =>
  Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.max(0, tries - 1));

/**
 * Changes that wait on the device until the server has them: of one timer in order, over reloads, and each only
 * once, from whichever tab. What cannot be taken in now is sent again after a while, longer each time, and holds
 * up only what comes after it of the same timer. What the server refuses stays, with the reason, until the person
 * sends it again or throws it away.
 */
export class Outbox {
  private items: readonly OutboxItem[] = [];
  private readonly listeners = new Set<() => void>();

  constructor(
    private readonly store: UseStore,
    private readonly send: Send,
    private readonly tabs: Tabs,
    private readonly meet: Meet,
    private readonly now: () => number = Date.now,
  ) {
    tabs.listen(() => void this.open().catch(() => undefined));
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** All that waits or was refused, in the order in which it was made. */
  readonly snapshot = (): readonly OutboxItem[] => this.items;

  /** Reads what an earlier page, or another tab, left. */
  async open(): Promise<void> {
    for (;;) {
      const before = this.items;
      const left = (await values<QueuedItem>(this.store)).map(carriedOver);
      // What was changed here while it was read is newer than what was read.
      if (this.items !== before) continue;
      this.change(left.sort((a, b) => a.madeAt.localeCompare(b.madeAt)));
      return;
    }
  }

  /** Takes a change in; it is on the device when this is done, and not before. Rejects where it cannot be kept. */
  async add(item: OutboxItem): Promise<void> {
    await this.put(item);
  }

  /** Sends what waits of a person, the timers each in their order, as far as it goes now. */
  flush(personId: string, onSent: OnSent): Promise<void> {
    return this.tabs.alone(async () => {
      // Another tab may have sent some of it meanwhile.
      await this.open();
      const held = new Set<string>();
      for (;;) {
        const round = await this.sendRound(personId, held);
        if (round.length === 0) return;
        // First what they changed, then the changes themselves: none is ever seen to be gone.
        await onSent(round);
        for (const { item } of round) await this.discard(item.id);
      }
    });
  }

  /**
   * True as soon as the server has a change; false when it waits: it could not be sent, was refused, or takes longer
   * than somebody would look on.
   */
  settled(id: string, atMostMs = LOOKED_ON_MS): Promise<boolean> {
    return new Promise((resolve) => {
      const done = (isSent: boolean) => {
        clearTimeout(timer);
        stop();
        resolve(isSent);
      };
      const look = () => {
        const item = this.item(id);
        if (!item) done(true);
        else if (item.trouble !== undefined || this.isHeldUp(item)) done(false);
      };
      const timer = setTimeout(() => done(false), atMostMs);
      const stop = this.subscribe(look);
      look();
    });
  }

  /** Whether it, or one before it of the same timer, could not be sent and is tried again later. */
  private isHeldUp({ id, lane }: OutboxItem): boolean {
    const upToIt = this.items.slice(0, this.items.findIndex((one) => one.id === id) + 1);
    return upToIt.some(
      (one) => one.lane === lane && one.trouble === undefined && (one.nextAt ?? 0) > this.now(),
    );
  }

  /** Some that the server now has, in the order in which they were made; the lanes where it ended are held. */
  private async sendRound(personId: string, held: Set<string>): Promise<readonly Sent[]> {
    const round: Sent[] = [];
    while (round.length < MOST_IN_A_ROUND) {
      const item = this.next(personId, held, round);
      if (!item) break;
      const outcome = await this.sendOne(item);
      if (outcome === 'signed out') break;
      if (outcome === 'waits') held.add(item.lane);
      else if (outcome !== 'refused') round.push(outcome);
    }
    return round;
  }

  private next(
    personId: string,
    held: ReadonlySet<string>,
    sent: readonly Sent[],
  ): OutboxItem | undefined {
    const waits = new Set(held);
    for (const item of this.items) {
      if (item.personId !== personId || item.trouble || waits.has(item.lane)) continue;
      if (sent.some((one) => one.item.id === item.id)) continue;
      if ((item.nextAt ?? 0) <= this.now()) return item;
      waits.add(item.lane);
    }
    return undefined;
  }

  private async sendOne(item: OutboxItem): Promise<Sent | 'refused' | 'waits' | 'signed out'> {
    const { id, path, method, body, save } = item;
    try {
      try {
        return { item, answer: await this.send(path, { method, body }) };
      } catch (error) {
        if (!save || !isOfStatus(error, SAVED_BY_ANOTHER)) throw error;
        const met = await this.meet(item, save);
        if (met && 'answer' in met) return { item, answer: met.answer };
        if (met) {
          const again = { ...item, save: met.again, body: bodyOf(met.again) };
          await this.put(again);
          return await this.sendOne(again);
        }
        await this.put({ ...item, trouble: CONTESTED });
        return 'refused';
      }
    } catch (error) {
      if (isOfStatus(error, SIGN_IN_FIRST)) return 'signed out';
      if (isRefusal(error)) {
        await this.put({ ...item, trouble: troubleInWords(error) });
        return 'refused';
      }
      // While it was under way the connection may have come back: then it is not counted with what was before.
      const tries = (this.item(id)?.tries ?? 0) + 1;
      const nextAt = this.now() + waitAfter(tries);
      await this.put({ ...item, tries, nextAt, delay: troubleInWords(error) });
      return 'waits';
    }
  }

  /** One of them by its id; undefined once it was sent or thrown away. */
  item(id: string): OutboxItem | undefined {
    return this.items.find((one) => one.id === id);
  }

  /** Lets a change be sent again, at once. */
  async retry(id: string): Promise<void> {
    const item = this.item(id);
    if (!item) return;
    const { trouble: _trouble, nextAt: _nextAt, ...waiting } = item;
    await this.put(waiting);
  }

  /** Lets all that only waits be sent again at once, and soon again: the connection is back. */
  async hurry(): Promise<void> {
    for (const { id } of this.items) {
      const item = this.item(id);
      if (item?.nextAt === undefined) continue;
      const { nextAt: _nextAt, tries: _tries, ...waiting } = item;
      await this.put(waiting);
    }
  }

  async discard(id: string): Promise<void> {
    await del(id, this.store);
    this.change(this.items.filter((item) => item.id !== id));
    this.tabs.tell();
  }

  /** Leaves nothing of a person's on the device. */
  async forget(personId: string): Promise<void> {
    for (const { id } of this.items.filter((item) => item.personId === personId))
      await this.discard(id);
  }

  private async put(item: OutboxItem): Promise<void> {
    await set(item.id, item, this.store);
    const isKnown = this.items.some(({ id }) => id === item.id);
    this.change(
      isKnown ? this.items.map((one) => (one.id === item.id ? item : one)) : [...this.items, item],
    );
    this.tabs.tell();
  }

  private change(items: readonly OutboxItem[]): void {
    this.items = items;
    for (const listener of this.listeners) listener();
  }
}

const SIGN_IN_FIRST = 401;
const SAVED_BY_ANOTHER = 409;
const CONTESTED = 'Somebody else saved it meanwhile. Look at both, and choose.';

/** What a save sends: a document, and the version that it was made from. */
export const bodyOf = ({ base, document }: TimerSave) => ({ version: base.version, document });

const isOfStatus = (error: unknown, status: number): boolean =>
  error instanceof ApiError && error.status === status;

/** Answers of 4xx that say: not now. */
const NOT_NOW = [SIGN_IN_FIRST, 408, 413, 429];

/** Whether the server had it and said no; otherwise it may go through another time. */
const isRefusal = (error: unknown): error is ApiError =>
  error instanceof ApiError &&
  error.status >= 400 &&
  error.status < 500 &&
  !NOT_NOW.includes(error.status);
