import { AsyncLocalStorage } from 'node:async_hooks';
import type { RequestHandler } from 'express';

/** Who asks for what is being done. */
export interface AskedBy {
  readonly id: string;
  readonly name: string;
}

const asked = new AsyncLocalStorage<{ by: AskedBy | null }>();

/** Everything that a request does is done for somebody, who is known once the guard has let them in. */
export const aroundRequest: RequestHandler = (_request, _response, next) =>
  asked.run({ by: null }, next);

export function setAskedBy(by: AskedBy): void {
  const store = asked.getStore();
  if (store) store.by = by;
}

/** Null: the installation itself, or whoever is not signed in. */
export const askedBy = (): AskedBy | null => asked.getStore()?.by ?? null;
