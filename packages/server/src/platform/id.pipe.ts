import { ParseUUIDPipe } from '@nestjs/common';
import { notFound } from './problem.js';

/** Reads the id of a row; anything that can be none is not found. */
export const idOf = (what: string) => new ParseUUIDPipe({ exceptionFactory: () => notFound(what) });
