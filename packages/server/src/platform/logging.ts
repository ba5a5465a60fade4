import { randomUUID } from 'node:crypto';
import type { LoggerService } from '@nestjs/common';
import { fieldOf } from '@water-clock/core/kernel';
import { pino, type Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { LogLevel } from './configuration.js';

const STANDARD_ERROR = 2;
const UNAVAILABLE = 503;
export const REQUEST_ID = 'X-Request-Id';
/** Answers that somebody may want to look into: wrong passwords, what a role does not include, too many tries. */
const REFUSED: ReadonlySet<string> = new Set(['401', '403', '429', 'read 403', 'read 429']);
/** What a proxy may have named a request; anything else is named anew. */
const GIVEN_ID = /^[\w-]{8,64}$/;

/** Lines of JSON, on standard error: standard output is for whoever started the process. */
export const loggerAt = (level: LogLevel): Logger =>
  pino({ level }, pino.destination(STANDARD_ERROR));

/** What the framework and our own classes log, as the other lines are. */
export class FrameworkLogger implements LoggerService {
  constructor(private readonly logger: Logger) {}

  log(message: unknown, context?: unknown): void {
    this.logger.debug({ context }, String(message));
  }

  warn(message: unknown, context?: unknown): void {
    this.logger.warn({ context }, String(message));
  }

  /** The context comes last, after a stack where there is one. */
  error(message: unknown, ...rest: unknown[]): void {
    this.logger.error({ context: rest.at(-1) }, String(message));
  }
}

/**
 * Names each request, and logs it when it is over: how and for how long, never what was in it. Addresses of links
 * hold what opens them, and are cut.
 */
export const requestLog = (logger: Logger) =>
  pinoHttp({
    logger,
    genReqId: (request, response) => {
      const given = request.headers[REQUEST_ID.toLowerCase()];
      const id = typeof given === 'string' && GIVEN_ID.test(given) ? given : randomUUID();
      response.setHeader(REQUEST_ID, id);
      return id;
    },
    // What is away for a while is said where it is away.
    customLogLevel: ({ method }, { statusCode }) => {
      if (statusCode >= 500 && statusCode !== UNAVAILABLE) return 'error';
      return REFUSED.has(`${method === 'GET' ? 'read ' : ''}${statusCode}`) ? 'warn' : 'info';
    },
    // Who, by an id that says nothing to strangers, and from where.
    customProps: (request) => ({
      person: fieldOf(fieldOf(request, 'person'), 'id'),
      address: fieldOf(request, 'ip'),
    }),
    serializers: {
      req: ({ id, method, url }: { id: string; method: string; url: string }) => ({
        ...{ id, method },
        url: url.replace(/\?.*$/, '').replace(/[\w-]{43}/g, '…'),
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });
