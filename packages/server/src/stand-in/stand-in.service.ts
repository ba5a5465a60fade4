import { HttpStatus, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { DocumentProblem } from '@water-clock/core/documents';
import { badInput, notFound, ProblemException } from '../platform/problem.js';
import { Timer } from '../timers/timer.entity.js';

/** The bench is on this machine: it answers soon, or not at all. */
const LONGEST_MILLISECONDS = 5000;

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** Passes what is asked of a timer's stand-in on to the bench, which knows it by the timer's id. */
@Injectable()
export class StandInService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    /** Where the bench is; null: there is none. */
    private readonly benchUrl: string | null,
  ) {}

  async ask(
    firmId: string,
    timerId: string,
    { method = 'GET', path = '', body }: { method?: Method; path?: string; body?: unknown } = {},
  ): Promise<Response> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id: timerId })))
      throw notFound('timer');
    if (this.benchUrl === null) throw noBench();
    const answer = await fetch(`${this.benchUrl}/timers/${timerId}${path}`, {
      method,
      signal: AbortSignal.timeout(LONGEST_MILLISECONDS),
      ...(body !== undefined && {
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      }),
    }).catch(() => {
      throw noBench();
    });
    if (answer.ok) return answer;
    throw await this.problemOf(answer);
  }

  private async problemOf(answer: Response): Promise<ProblemException> {
    const told = (await answer.json().catch(() => ({}))) as {
      message?: string;
      errors?: readonly DocumentProblem[];
    };
    if (answer.status === 404) return notFound('stand-in: it has to be hung up first');
    if (answer.status === 422 && told.errors) return badInput(told.errors);
    return new ProblemException(
      answer.status === 409 ? HttpStatus.CONFLICT : HttpStatus.BAD_GATEWAY,
      'The stand-in refused',
      told.message ?? 'The simulated timer could not do this.',
    );
  }
}

const noBench = () =>
  new ProblemException(
    HttpStatus.SERVICE_UNAVAILABLE,
    'No simulated timer',
    'The bench of simulated timers is not running. bin/start starts it with the application.',
  );
