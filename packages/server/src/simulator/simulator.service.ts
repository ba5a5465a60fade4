import { HttpStatus, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import type { DocumentProblem } from '@water-clock/core/documents';
import { badInput, notFound, ProblemException } from '../platform/problem.js';
import { Timer } from '../schema/timer.entity.js';
import type { SimulatedTimer } from './simulator.dto.js';

/** The simulator is on this machine: it answers soon, or not at all. */
const LONGEST_MILLISECONDS = 5000;

/** By the id of its timer. */
type Hung = Omit<SimulatedTimer, 'id' | 'home'>;

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

/** Passes what is asked of a timer's simulator on to the simulator, which knows it by the timer's id. */
@Injectable()
export class SimulatorService {
  constructor(
    @InjectDataSource() private readonly source: DataSource,
    /** Where the simulator is; null: there is none. */
    private readonly simulatorUrl: string | null,
  ) {}

  async ask(
    firmId: string,
    timerId: string,
    { method = 'GET', path = '', body }: { method?: Method; path?: string; body?: unknown } = {},
  ): Promise<Response> {
    if (!(await this.source.manager.existsBy(Timer, { firmId, id: timerId })))
      throw notFound('timer');
    return this.send(`/timers/${timerId}${path}`, method, body);
  }

  /** The simulated timers that hang at homes of a firm now; null: the simulator is not running. */
  async all(firmId: string): Promise<SimulatedTimer[] | null> {
    const answer = await this.send('/timers', 'GET').catch(() => null);
    if (!answer) return null;
    const { timers } = (await answer.json()) as { timers: readonly Hung[] };
    const known = await this.source.manager.find(Timer, {
      where: { firmId, id: In(timers.map(({ name }) => name)) },
      relations: { property: true },
    });
    return known.map(({ id, name, property }) => {
      const { clock, speed, lit } = timers.find((one) => one.name === id)!;
      return { ...{ id, name, clock, speed, lit }, home: property.name };
    });
  }

  /** Passes something on to the simulator; what it refuses is told in the API's way. */
  async send(path: string, method: Method = 'GET', body?: unknown): Promise<Response> {
    if (this.simulatorUrl === null) throw noSimulator();
    const answer = await fetch(`${this.simulatorUrl}${path}`, {
      method,
      redirect: 'error',
      signal: AbortSignal.timeout(LONGEST_MILLISECONDS),
      ...(body !== undefined && {
        body: JSON.stringify(body),
        headers: { 'content-type': 'application/json' },
      }),
    }).catch(() => {
      throw noSimulator();
    });
    if (answer.ok) return answer;
    throw await this.problemOf(answer);
  }

  private async problemOf(answer: Response): Promise<ProblemException> {
    const told = (await answer.json().catch(() => ({}))) as {
      message?: string;
      errors?: readonly DocumentProblem[];
    };
    if (answer.status === 404) return notFound('simulator: it has to be hung up first');
    if (answer.status === 422 && told.errors) return badInput(told.errors);
    return new ProblemException(
      answer.status === 409 ? HttpStatus.CONFLICT : HttpStatus.BAD_GATEWAY,
      'The simulator refused',
      told.message ?? 'The simulated timer could not do this.',
    );
  }
}

const noSimulator = () =>
  new ProblemException(
    HttpStatus.SERVICE_UNAVAILABLE,
    'No simulated timer',
    'The simulator is not running. bin/start starts it with the application.',
  );
