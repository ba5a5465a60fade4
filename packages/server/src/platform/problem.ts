import { HttpException, HttpStatus } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import type { DocumentProblem } from '@water-clock/core/documents';

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
  constructor(status: number, title: string, detail: string, errors?: readonly DocumentProblem[]) {
    super({ type: 'about:blank', title, status, detail, ...(errors && { errors }) }, status);
  }
}

export function badInput(errors: readonly DocumentProblem[]): ProblemException {
  const count = errors.length === 1 ? 'One field needs' : `${errors.length} fields need`;
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

export const signInRefused = (): ProblemException =>
  new ProblemException(
    HttpStatus.UNAUTHORIZED,
    'Sign-in refused',
    'E-mail and password do not go together. Check both, and try again.',
  );

export const notAllowed = (): ProblemException =>
  new ProblemException(
    HttpStatus.FORBIDDEN,
    'Not allowed',
    'Your role does not include this. Ask the owner of your firm.',
  );
