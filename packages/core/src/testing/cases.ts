import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readPlan, readPlanText, type Plan } from '../settings/index.js';

/** A case that stands beside this checkout; it binds whoever builds the engine. */
export interface PublicCase {
  readonly name: string;
  readonly about: string;
  readonly plan: unknown;
  readonly command: { verb: string; from: string; days: number; trueTime?: boolean };
  readonly expect?: unknown;
  readonly expectDetails?: readonly Record<string, unknown>[];
  readonly expectError?: readonly string[];
}

const FOLDER = join(__dirname, '../../../../../shared/cases');

/** All cases; none where their folder is absent. */
export const PUBLIC_CASES: readonly PublicCase[] = existsSync(FOLDER)
  ? readdirSync(FOLDER)
      .filter((file) => file.endsWith('.json'))
      .map((file) => JSON.parse(readFileSync(join(FOLDER, file), 'utf8')) as PublicCase)
  : [];

export const readCase = (plan: unknown) =>
  typeof plan === 'string' ? readPlanText(plan) : readPlan(plan);

export function readWhole(plan: unknown): Plan {
  const result = readCase(plan);
  if (!result.ok) throw new Error(JSON.stringify(result.trouble));
  return result.value;
}

/** Runs tests on the cases that are meant, or says in one skipped test why there are none. */
export function withPublicCases(
  isMeant: (one: PublicCase) => boolean,
  run: (one: PublicCase) => void,
): void {
  if (PUBLIC_CASES.length === 0)
    it.skip('the shared cases: their folder ../shared/cases is not beside this checkout', () =>
      undefined);
  else test.each(PUBLIC_CASES.filter(isMeant))('$name: $about', run);
}
