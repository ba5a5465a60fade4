import { createStore, del, set, values, type UseStore } from 'idb-keyval';
import { ApiError, request } from '../api/client';

/** A change that was made on this device and is on its way to the server. */
export interface OutboxItem {
  /** The server takes it in once, however often it is sent. */
  readonly id: string;
  /** Gives the order in which changes were made. */
  readonly madeAt: string;
  readonly personId: string;
  readonly method: 'POST' | 'PATCH';
  readonly path: string;
  readonly body: unknown;
  /** What it is, in words. */
  readonly words: string;
  /** Beginnings of the keys of queries that hold other answers afterwards. */
  readonly touches: readonly (readonly unknown[])[];
  /** The key of the query that the server's answer is one to; absent: it is none. */
  readonly answers?: readonly unknown[];
  /** Why the server refused it; absent while it waits. */
  readonly trouble?: string;
}

export type Send = (
  path: string,
  asked: { method: 'POST' | 'PATCH'; body: unknown },
) => Promise<unknown>;

/**
 * Changes that wait on the device until the server has them: in order, over reloads, and each only once.
 * What the server refuses stays, with the reason, until the person tries it again or throws it away.
 */
export class Outbox {
  private items: readonly OutboxItem[] = [];
  private readonly listeners = new Set<() => void>();
  private isFlushing = false;

  constructor(
    private readonly store: UseStore,
    private readonly send: Send,
  ) {}

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** All that waits or was refused, in the order in which it was made. */
  readonly snapshot = (): readonly OutboxItem[] => this.items;

  /** Reads what an earlier page left. */
  async open(): Promise<void> {
    const left = await values<OutboxItem>(this.store);
    this.change(left.sort((a, b) => a.madeAt.localeCompare(b.madeAt)));
  }

  /** Takes a change in; it is safe on the device when this is done. */
  async add(item: OutboxItem): Promise<void> {
    this.change([...this.items, item]);
    await set(item.id, item, this.store);
  }

  /** Sends what waits of a person, one after another; stops where there is no connection. */
  async flush(
    personId: string,
    onSent: (item: OutboxItem, answer: unknown) => Promise<unknown>,
  ): Promise<void> {
    if (this.isFlushing) return;
    this.isFlushing = true;
    try {
      for (;;) {
        const item = this.items.find((one) => one.personId === personId && !one.trouble);
        if (!item) return;
        const { path, method, body } = item;
        let answer: unknown;
        try {
          answer = await this.send(path, { method, body });
        } catch (error) {
          if (!isRefusal(error)) return;
          await this.put({ ...item, trouble: refusalWords(error) });
          continue;
        }
        // First what it changed, then the change itself: it is never seen to be gone.
        await onSent(item, answer);
        await this.discard(item.id);
      }
    } finally {
      this.isFlushing = false;
    }
  }

  /** Lets a refused change be sent again. */
  async retry(id: string): Promise<void> {
    const item = this.items.find((one) => one.id === id);
    if (!item) return;
    const { trouble: _trouble, ...waiting } = item;
    await this.put(waiting);
  }

  async discard(id: string): Promise<void> {
    await del(id, this.store);
    this.change(this.items.filter((item) => item.id !== id));
  }

  private async put(item: OutboxItem): Promise<void> {
    await set(item.id, item, this.store);
    this.change(this.items.map((one) => (one.id === item.id ? item : one)));
  }

  private change(items: readonly OutboxItem[]): void {
    this.items = items;
    for (const listener of this.listeners) listener();
  }
}

const SIGN_IN_FIRST = 401;

/** Whether the server had it and said no; otherwise it may go through another time. */
const isRefusal = (error: unknown): error is ApiError =>
  error instanceof ApiError &&
  error.status >= 400 &&
  error.status < 500 &&
  error.status !== SIGN_IN_FIRST;

const refusalWords = ({ message, places }: ApiError): string =>
  [message, ...places.map(({ path, message: fault }) => `${path}: ${fault}.`)].join(' ');

export const outbox = new Outbox(createStore('water-clock-outbox', 'changes'), request);
