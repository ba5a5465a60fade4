import type { NextFunction, Request, Response } from 'express';

/** Paths of the version before, and what they are called now. Whoever still asks by the old ones is answered. */
const FORMER: readonly (readonly [RegExp, string])[] = [
  [/^\/api\/kinds(?=\/|\?|$)/, '/api/timer-types'],
  [/^(\/api\/timers\/[^/?]+)\/stand-in(?=\/|\?|$)/, '$1/simulator'],
];

export function formerPaths(request: Request, _response: Response, next: NextFunction): void {
  for (const [former, now] of FORMER) request.url = request.url.replace(former, now);
  next();
}
