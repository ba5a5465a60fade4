import { HttpStatus } from '@nestjs/common';
import { raw, type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { ROOT_PATH } from '@water-clock/core/documents';
import { badInput, ProblemException } from './problem.js';

const DEEPEST = 32;
/** Fields and entries of lists, all together; a file of 5 MB that means something has fewer. */
const MOST_VALUES = 400_000;

const codeOf = (sign: string) => sign.charCodeAt(0);
const [QUOTE, BACKSLASH, COMMA] = [codeOf('"'), codeOf('\\'), codeOf(',')];
/** By how much each byte changes the depth. */
const DEEPER = new Int8Array(256);
for (const sign of '[{') DEEPER[codeOf(sign)] = 1;
for (const sign of ']}') DEEPER[codeOf(sign)] = -1;

/**
 * Refuses JSON that is nested too deep or has too many values, by its bytes, before anything is made of it: what reads
 * it goes as deep as it does, and says of each value what is wrong.
 */
export function refuseEndless(bytes: Uint8Array): void {
  let [depth, values, isInText] = [0, 0, false];
  for (let at = 0; at < bytes.length; at++) {
    const sign = bytes[at]!;
    if (isInText) {
      if (sign === BACKSLASH) at++;
      else if (sign === QUOTE) isInText = false;
    } else if (sign === QUOTE) isInText = true;
    else if (sign === COMMA) values++;
    else depth += DEEPER[sign]!;
    if (depth > DEEPEST)
      throw badInput([{ path: ROOT_PATH, message: `must be nested at most ${DEEPEST} deep` }]);
    if (values > MOST_VALUES)
      throw badInput([{ path: ROOT_PATH, message: `must have at most ${MOST_VALUES} values` }]);
  }
}

/** Reads bodies of at most so many bytes, such as `4kb`; one text that can be written in two ways is written in one (NFC). */
export const jsonUpTo = (limit: string): RequestHandler[] => [
  raw({ limit, type: 'application/json' }),
  readJson,
];

function readJson(request: Request, _response: Response, next: NextFunction): void {
  const body: unknown = request.body;
  if (Buffer.isBuffer(body)) {
    refuseEndless(body);
    // Nothing at all is an empty body, as with a request that has none.
    request.body = body.length === 0 ? {} : parsed(body);
  }
  next();
}

function parsed(bytes: Buffer): unknown {
  try {
    const text = bytes.toString();
    // Most texts are so already; signs that are written as numbers are looked at one by one.
    return text.includes('\\u')
      ? JSON.parse(text, (_name, value: unknown) =>
          typeof value === 'string' ? value.normalize() : value,
        )
      : JSON.parse(text.normalize());
  } catch (error) {
    const why = error instanceof Error ? error.message : '';
    throw new ProblemException(HttpStatus.BAD_REQUEST, 'Bad request', `This is no JSON. ${why}`);
  }
}
