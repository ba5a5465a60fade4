import type { ArgumentsHost } from '@nestjs/common';
import { BadRequestException, Logger } from '@nestjs/common';
import { readConfiguration } from './configuration.js';
import { badInput, notFound } from './problem.js';
import { ProblemFilter } from './problem.filter.js';

/** What the filter answers with when a request ends with an error. */
function answerTo(error: unknown): { status: number; type: string; body: Record<string, unknown> } {
  const answer = { status: 0, type: '', body: {} };
  const response = {
    status: (status: number) => (Object.assign(answer, { status }), response),
    type: (type: string) => (Object.assign(answer, { type }), response),
    send: (text: string) => Object.assign(answer, { body: JSON.parse(text) as object }),
  };
  const host = { switchToHttp: () => ({ getResponse: () => response }) };
  new ProblemFilter().catch(error, host as unknown as ArgumentsHost);
  return answer;
}

describe('problem documents', () => {
  it('carry the paths of bad input', () => {
    const errors = [{ path: 'document.timer', message: 'is required' }];
    expect(answerTo(badInput(errors))).toEqual({
      status: 422,
      type: 'application/problem+json',
      body: {
        type: 'about:blank',
        title: 'Bad input',
        status: 422,
        detail: 'One field needs fixing. Nothing was saved.',
        errors,
      },
    });
  });

  it('have no errors where there are no places', () => {
    expect(answerTo(notFound('timer')).body).toEqual({
      type: 'about:blank',
      title: 'Not found',
      status: 404,
      detail: 'There is no such timer.',
    });
  });

  it("are made of the framework's own errors, and of the body parser's", () => {
    expect(answerTo(new BadRequestException('Odd request')).body).toMatchObject({
      title: 'Bad request',
      detail: 'Odd request',
    });
    const tooLarge = Object.assign(new Error('request entity too large'), { status: 413 });
    expect(answerTo(tooLarge)).toMatchObject({ status: 413, body: { title: 'Payload too large' } });
  });

  it('tell nothing of what went wrong inside, which is logged', () => {
    const log = jest.spyOn(Logger.prototype, 'error').mockImplementation(() => undefined);
    const { status, body } = answerTo(new Error('password=hunter2 at 10.0.0.1'));
    expect(status).toBe(500);
    expect(JSON.stringify(body)).not.toContain('hunter2');
    expect(log).toHaveBeenCalledWith(expect.stringContaining('hunter2'));
    log.mockRestore();
  });
});

describe('configuration', () => {
  it('is read from the environment', () => {
    const url = 'postgres://somebody@127.0.0.1/somewhere';
    expect(readConfiguration({ DATABASE_URL: url })).toEqual({
      databaseUrl: url,
      port: 4780,
      simulatorUrl: null,
      setupCode: null,
      mailFolder: null,
      publicUrl: 'http://127.0.0.1:4780',
    });
    const simulatorUrl = 'http://127.0.0.1:4790';
    expect(readConfiguration({ DATABASE_URL: url, SIMULATOR_URL: simulatorUrl }).simulatorUrl).toBe(
      simulatorUrl,
    );
    expect(readConfiguration({ DATABASE_URL: url, PORT: '5000' }).port).toBe(5000);
  });

  it('says in one sentence what is missing or wrong', () => {
    expect(() => readConfiguration({})).toThrow('DATABASE_URL must point at a PostgreSQL database');
    for (const PORT of ['x', '0', '70000', '80.5'])
      expect(() => readConfiguration({ DATABASE_URL: 'postgres://x', PORT })).toThrow(
        'PORT must be',
      );
  });
});
