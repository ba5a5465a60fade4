import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readPlan, readPlanText, type Plan } from '../settings/index.js';

/** A case of the contract; it binds whoever builds the engine. */
export interface PublicCase {
  readonly name: string;
  readonly about: string;
  readonly plan: unknown;
  /** Of the verb `together`. */
  readonly plans?: readonly unknown[];
  readonly command: { verb: string; from: string; days: number; trueTime?: boolean };
  readonly expect?: unknown;
  readonly expectDetails?: readonly Record<string, unknown>[];
  readonly expectError?: readonly string[];
}

const OWN = join(__dirname, '../../cases');
const MASTER = join(__dirname, '../../../../../shared/cases');

/** The cases of a folder, from their master where it stands beside this checkout, else from the copies here. */
export const casesIn = (folder: string): readonly (readonly [name: string, text: string])[] =>
  casesOf(existsSync(MASTER) ? MASTER : OWN, folder);

/** The copies that this repository holds, so that a clone tests itself. */
export const ownCasesIn = (folder: string) => casesOf(OWN, folder);

const casesOf = (root: string, folder: string) =>
  readdirSync(join(root, folder))
    .filter((file) => file.endsWith('.json'))
    .sort()
    .map((file) => [file, readFileSync(join(root, folder, file), 'utf8')] as const);

export const PUBLIC_CASES: readonly PublicCase[] = [...casesIn(''), ...casesIn('v2')].map(
  ([, text]) => JSON.parse(text) as PublicCase,
);

export const readCase = (plan: unknown) =>
  typeof plan === 'string' ? readPlanText(plan) : readPlan(plan);

export function readWhole(plan: unknown): Plan {
  const result = readCase(plan);
  if (!result.ok) throw new Error(JSON.stringify(result.trouble));
  return result.value;
}

/** Runs tests on the cases that are meant. */
export const withPublicCases = (
  isMeant: (one: PublicCase) => boolean,
  run: (one: PublicCase) => void,
): void => test.each(PUBLIC_CASES.filter(isMeant))('$name: $about', run);
