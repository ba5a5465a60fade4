import { setTimeout as pause } from 'node:timers/promises';
import type { Request, RequestHandler, Response } from 'express';
import { tooBusy } from './problem.js';

/** More than settings, a yard or a reading take; what is longer is worked on long enough to be felt by others. */
const LARGE_BYTES = 64 * 1024;
const MOST_WAITING = 20;
const LONGEST_BREATH_MS = 1000;

interface Line {
  last: Promise<void>;
  waiting: number;
}

/**
 * Large bodies that come from one address are taken one after the other, and after each the server is left to others
 * for as long as it took: whoever sends them over and over has half of it at most. More than a few waiting: 503.
 */
export function largeBodiesInTurn(): RequestHandler {
  const lines = new Map<string, Line>();
  return (request, response, next) => {
    if (!isLarge(request)) {
      next();
      return;
    }
    const from = request.ip ?? '';
    const line = lines.get(from) ?? { last: Promise.resolve(), waiting: 0 };
    if (line.waiting >= MOST_WAITING) throw tooBusy(1);
    lines.set(from, line);
    line.waiting += 1;
    line.last = line.last.then(async () => {
      // Who has gone meanwhile is not waited for.
      if (!response.closed) {
        const began = performance.now();
        const answered = endOf(response);
        next();
        await answered;
        await pause(Math.min(performance.now() - began, LONGEST_BREATH_MS));
      }
      line.waiting -= 1;
      if (line.waiting === 0) lines.delete(from);
    });
  };
}

/** What does not say how long it is may be long. */
function isLarge({ headers }: Request): boolean {
  const length = headers['content-length'];
  return length === undefined
    ? headers['transfer-encoding'] !== undefined
    : Number(length) > LARGE_BYTES;
}

const endOf = (response: Response): Promise<void> =>
  new Promise((resolve) => response.once('close', () => resolve()));
