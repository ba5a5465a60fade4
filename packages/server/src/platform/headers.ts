import type { NextFunction, Request, RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { notOurs } from './problem.js';

/** No page of ours says where its addresses begin. */
const baseUri = "'none'";

/** Over plain HTTP, on a machine of one's own, there is no TLS to insist on. */
const pageOver = (isTls: boolean) =>
  helmet({
    contentSecurityPolicy: {
      directives: { baseUri, ...(!isTls && { upgradeInsecureRequests: null }) },
    },
    ...(!isTls && { strictTransportSecurity: false }),
  });

/**
 * What is no page says what holds of it too, and nothing that browsers heed of pages alone: on a weak signal these words
 * were a tenth of all that a screen brings.
 */
const partOver = (isTls: boolean) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        ...{ defaultSrc: "'self'", objectSrc: "'none'", baseUri, frameAncestors: "'self'" },
      },
    },
    ...(!isTls && { strictTransportSecurity: false }),
    ...{ crossOriginOpenerPolicy: false, originAgentCluster: false, xDnsPrefetchControl: false },
    ...{ xDownloadOptions: false, xFrameOptions: false, xPermittedCrossDomainPolicies: false },
    xXssProtection: false,
  });

const [page, pagePlain] = [pageOver(true), pageOver(false)];
const [part, partPlain] = [partOver(true), partOver(false)];

/** Answers, but for the API's description, which is a page among them; and the sign that stands beside a page's name. */
const PART = /^\/(api\/(?!docs)|icon\.svg$)/;

/** What says to a browser who may load what, and how. */
export const pageHeaders: RequestHandler = (request, response, next) => {
  const { secure, path } = request;
  const headers = PART.test(path) ? (secure ? part : partPlain) : secure ? page : pagePlain;
  headers(request, response, next);
};

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
