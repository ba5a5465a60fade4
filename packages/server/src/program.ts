import { fieldOf } from '@water-clock/core/kernel';
import { CannotBegin } from './platform/configuration.js';
import { databaseTrouble } from './platform/database-trouble.js';

/** A program's exit code where it could not even begin: starting it again does not help. */
const CANNOT_BEGIN = 78;

/** Runs a program; what keeps it from beginning is said in sentences, without a stack. */
export async function asProgram(work: () => Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    const words = sentencesOf(error);
    process.stderr.write(`water-clock: ${words ?? stackOf(error)}\n`);
    process.exit(words === null ? 1 : CANNOT_BEGIN);
  }
}

function sentencesOf(error: unknown): string | null {
  if (error instanceof CannotBegin) return error.message;
  if (fieldOf(error, 'code') === 'EADDRINUSE')
    return `Port ${String(fieldOf(error, 'port'))} is taken: stop what uses it, or choose another.`;
  return databaseTrouble(process.env['DATABASE_URL'] ?? '', error);
}

const stackOf = (error: unknown): string =>
  (error instanceof Error && error.stack) || String(error);
