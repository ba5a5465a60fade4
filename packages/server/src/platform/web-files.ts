import type { ServerResponse } from 'node:http';
import { extname, join } from 'node:path';
import type { NextFunction, Request, RequestHandler, Response } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { REQUEST_ID } from './logging.js';

const YEAR = 'public, max-age=31536000, immutable';

/** The page that an address of the application is answered with; the router in it does the rest. */
const pageOf = (path: string): string => (path.startsWith('/s/') ? '/share.html' : '/index.html');

interface WebFiles {
  /** Scripts, styles and fonts: their names tell their content, and browsers keep them for a year. */
  readonly assets: RequestHandler;
  /** The application's page for any address of its own, and the few files beside it. */
  readonly pages: RequestHandler;
}

/** Serves the built web application from a folder, its files as they were compressed by the build. */
export function webFiles(folder: string): WebFiles {
  const serve = (root: string, cacheControl: string, isAskedAgain: boolean) =>
    expressStaticGzip(root, {
      enableBrotli: true,
      orderPreference: ['br', 'gzip'],
      index: false,
      serveStatic: {
        // What never changes under its name is never asked for again: nothing to compare by.
        etag: isAskedAgain,
        lastModified: isAskedAgain,
        acceptRanges: isAskedAgain,
        setHeaders: (response: ServerResponse) => {
          response.setHeader('Cache-Control', cacheControl);
          response.setHeader('X-Content-Type-Options', 'nosniff');
          // Of some forty files a page each would bring one, and nobody asks after a file by it.
          if (!isAskedAgain) response.removeHeader(REQUEST_ID);
        },
      },
    });
  const pages = serve(folder, 'no-cache', true);
  return {
    assets: serve(join(folder, 'assets'), YEAR, false),
    pages: (request: Request, response: Response, next: NextFunction) => {
      if (!['GET', 'HEAD'].includes(request.method) || /^\/api(\/|$)/.test(request.path)) {
        next();
        return;
      }
      // A file that is not there is not there; an address without an ending is the application's.
      if (extname(request.path) === '') request.url = pageOf(request.path);
      pages(request, response, next);
    },
  };
}
