import type { NextFunction, Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { notOurs } from './problem.js';

/** No page of ours says where its addresses begin. */
const directives = { baseUri: "'none'" };
const overTls = helmet({ contentSecurityPolicy: { directives } });
/** Over plain HTTP, on a machine of one's own, there is no TLS to insist on. */
const plain = helmet({
  contentSecurityPolicy: { directives: { ...directives, upgradeInsecureRequests: null } },
  strictTransportSecurity: false,
});

/** What says to a browser who may load what, and how. */
export const pageHeaders: RequestHandler = (request, response, next) =>
  (request.secure ? overTls : plain)(request, response, next);

const ABOUT_PEOPLE =
  /^\/api\/(session|setup|welcome|people|former-people|firm|properties|account|outbox|changes(\.csv)?)(\/|$)/;

/** What is said of people is kept by no browser and nothing between; the rest is asked for anew each time. */
export function apiCaching({ path }: Request, response: Response, next: NextFunction): void {
  if (ABOUT_PEOPLE.test(path)) response.setHeader('Cache-Control', 'no-store');
  else if (path.startsWith('/api/')) response.setHeader('Cache-Control', 'private, no-cache');
  next();
}

const READS = new Set(['GET', 'HEAD', 'OPTIONS']);

/** Writes that a browser makes for a page of somebody else's are refused, whatever cookie it sends along. */
export function ownOriginOnly(request: Request, _response: Response, next: NextFunction): void {
  const { origin, host } = request.headers;
  if (!READS.has(request.method) && origin !== undefined && hostOf(origin) !== host)
    throw notOurs();
  next();
}

/** Null for what is no address, as browsers send where they will not say. */
const hostOf = (origin: string): string | null =>
  URL.canParse(origin) ? new URL(origin).host : null;
