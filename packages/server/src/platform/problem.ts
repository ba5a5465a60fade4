import { HttpException, HttpStatus } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { ROOT_PATH, type DocumentProblem } from '@water-clock/core/documents';

/** One fault of a request body: where, and how to fix it. */
export class ProblemPlace implements DocumentProblem {
  @ApiProperty({ example: 'document.programs[1].days.everyDays' }) path!: string;
  @ApiProperty({ example: 'must be a whole number, 1 to 31' }) message!: string;
}

/** An error as RFC 9457 has it, media type `application/problem+json`. */
export class ProblemDocument {
  @ApiProperty({ example: 'about:blank' }) type!: string;
  @ApiProperty({ example: 'Bad input' }) title!: string;
  @ApiProperty({ example: 422 }) status!: number;
  @ApiProperty({ example: 'Two fields need fixing. Nothing was saved.' }) detail!: string;
  @ApiProperty({ type: [ProblemPlace], required: false }) errors?: readonly DocumentProblem[];
}

export const PROBLEM_TYPE = 'application/problem+json';

/** A request that ends with a problem document. */
export class ProblemException extends HttpException {
  constructor(
    status: number,
    title: string,
    detail: string,
    readonly errors?: readonly DocumentProblem[],
    /** After how long it may be asked again. */
    readonly retryAfterSeconds?: number,
  ) {
    super({ type: 'about:blank', title, status, detail, ...(errors && { errors }) }, status);
  }
}

const MOST_TOLD = 100;

/** All faults of what was sent, the first hundred by name. */
export function badInput(all: readonly DocumentProblem[]): ProblemException {
  const others = all.length - MOST_TOLD;
  const more = { path: ROOT_PATH, message: `has ${others} more faults` };
  const errors = others > 0 ? [...all.slice(0, MOST_TOLD), more] : all;
  const count = all.length === 1 ? 'One field needs' : `${all.length} fields need`;
  return new ProblemException(
    HttpStatus.UNPROCESSABLE_ENTITY,
    'Bad input',
    `${count} fixing. Nothing was saved.`,
    errors,
  );
}

export const notFound = (what: string): ProblemException =>
  new ProblemException(HttpStatus.NOT_FOUND, 'Not found', `There is no such ${what}.`);

export const savedByAnother = (what: string): ProblemException =>
  new ProblemException(
    HttpStatus.CONFLICT,
    'Saved by somebody else meanwhile',
    `${what} was saved by somebody else after you opened it. Nothing was overwritten.`,
  );

export const notSignedIn = (): ProblemException =>
  new ProblemException(HttpStatus.UNAUTHORIZED, 'Not signed in', 'Sign in first.');

export const tooManyTries = (seconds: number): ProblemException =>
  new ProblemException(
    HttpStatus.TOO_MANY_REQUESTS,
    'Too many tries',
    `Too many wrong passwords. Try again in ${seconds} s.`,
    undefined,
    seconds,
  );

export const tooBusy = (seconds: number): ProblemException =>
  new ProblemException(
    HttpStatus.SERVICE_UNAVAILABLE,
    'Too much at once',
    `Too many people ask for this at once. Try again in ${seconds} s.`,
    undefined,
    seconds,
  );

/** The password was right; what is wanted besides stands at `code`. */
export const codeRefused = (message: string): ProblemException =>
  new ProblemException(
    HttpStatus.UNAUTHORIZED,
    'A code is wanted',
    'Give the code that your authenticator shows, or one of your recovery codes.',
    [{ path: 'code', message }],
  );

export const secondFactorWanted = (): ProblemException =>
  new ProblemException(
    HttpStatus.FORBIDDEN,
    'An authenticator is needed',
    'Your firm asks for an authenticator app: set one up under Your account first.',
  );

export const databaseAway = (): ProblemException =>
  new ProblemException(
    HttpStatus.SERVICE_UNAVAILABLE,
    'Not ready',
    'The database cannot be reached just now. Nothing was half saved; try again in a few seconds.',
    undefined,
    3,
  );

export const signInRefused = (): ProblemException =>
  new ProblemException(
    HttpStatus.UNAUTHORIZED,
    'Sign-in refused',
    'This e-mail and password do not match. Check both, and try again.',
  );

export const notOurs = (): ProblemException =>
  new ProblemException(
    HttpStatus.FORBIDDEN,
    'Not from here',
    'This was asked by a page of another site. Open Water Clock itself, and try again.',
  );

export const notAllowed = (): ProblemException =>
  new ProblemException(
    HttpStatus.FORBIDDEN,
    'Not allowed',
    'Your role does not include this. Ask the owner of your firm.',
  );
