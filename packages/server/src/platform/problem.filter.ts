import {
  Catch,
  HttpException,
  HttpStatus,
  Logger,
  type ArgumentsHost,
  type ExceptionFilter,
} from '@nestjs/common';
import type { Response } from 'express';
import { isAway } from './database-trouble.js';
import { databaseAway, PROBLEM_TYPE, ProblemException, tooBusy } from './problem.js';
import { REQUEST_ID } from './logging.js';
import { isMeeting } from './transact.js';
import { isTooMuch } from '@water-clock/core/engine';
import { fieldOf } from '@water-clock/core/kernel';
import { TOO_MUCH_WORDS } from '@water-clock/core/words';

/** Turns whatever a request ends with into a problem document; the unexpected is logged, not told. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const problem = this.problemOf(error, idOf(response));
    const { retryAfterSeconds } = problem;
    if (retryAfterSeconds !== undefined) response.set('Retry-After', String(retryAfterSeconds));
    response
      .status(problem.getStatus())
      .type(PROBLEM_TYPE)
      .send(JSON.stringify(problem.getResponse()));
  }

  private problemOf(error: unknown, requestId: string | null): ProblemException {
    if (error instanceof ProblemException) return error;
    if (error instanceof HttpException)
      return new ProblemException(error.getStatus(), titleOf(error.getStatus()), error.message);
    if (isTooMuch(error))
      return new ProblemException(
        HttpStatus.UNPROCESSABLE_ENTITY,
        'Too much to work out',
        TOO_MUCH_WORDS,
      );
    if (isAway(error)) return databaseAway();
    // One statement alone, outside of any transaction that could be done again.
    if (isMeeting(error)) return tooBusy(1);
    const status = statusOf(error);
    if (status !== null)
      return new ProblemException(
        status,
        titleOf(status),
        error instanceof Error ? error.message : '',
      );
    this.logger.error(
      `${requestId ?? 'a request'}: ${(error instanceof Error && error.stack) || String(error)}`,
    );
    return new ProblemException(
      HttpStatus.INTERNAL_SERVER_ERROR,
      'Something went wrong here',
      `The request could not be carried out. Nothing was half saved; try again.${requestId === null ? '' : ` If it goes on, tell whoever runs this: ${requestId}`}`,
    );
  }
}

/** What the request was named when it came in. */
function idOf(response: Response): string | null {
  const id = response.getHeader(REQUEST_ID);
  return typeof id === 'string' ? id : null;
}

/** The status that Express gives errors of its own, such as a body that is too large. */
function statusOf(error: unknown): number | null {
  const status = fieldOf(error, 'status');
  return typeof status === 'number' && status >= 400 && status < 500 ? status : null;
}

const titleOf = (status: number): string =>
  HttpStatus[status]
    ?.toLowerCase()
    .replaceAll('_', ' ')
    .replace(/^./, (c) => c.toUpperCase()) ?? 'Problem';
