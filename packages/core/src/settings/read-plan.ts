import { readObject, ROOT_PATH, type DocumentProblem } from '../documents/index.js';
import { err, ok, type Result } from '../kernel/index.js';
import { crossCheck } from './cross-checks.js';
import { withoutLaterFields } from './first-version.js';
import { Plan, PLAN_FORMAT } from './plan.js';

/** The largest plan file that is read: 5 MB. */
export const LARGEST_FILE_BYTES = 5_000_000;

/**
 * Reads a parsed plan document. Every problem is reported at once, each with its JSON path; with
 * none, the plan has all its defaults filled in, and is one of the version that is written. `document` itself is never changed.
 */
export function readPlan(document: unknown): Result<Plan, readonly DocumentProblem[]> {
  const problems: DocumentProblem[] = [];
  const plan = readObject(Plan, withoutLaterFields(document, problems), ROOT_PATH, problems);
  crossCheck(plan, problems);
  if (problems.length > 0) return err(oncePerPath(problems));
  plan.format = PLAN_FORMAT;
  return ok(plan);
}

/** Reads the text of a plan file; text that is no JSON is one problem with its place. */
export function readPlanText(text: string): Result<Plan, readonly DocumentProblem[]> {
  if (text.length > LARGEST_FILE_BYTES)
    return err([{ path: ROOT_PATH, message: 'the file is over 5 MB' }]);
  let document: unknown;
  try {
    document = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    const detail = error instanceof Error ? error.message : String(error);
    return err([{ path: ROOT_PATH, message: `the file is not JSON: ${detail}` }]);
  }
  return readPlan(document);
}

function oncePerPath(problems: readonly DocumentProblem[]): DocumentProblem[] {
  const seen = new Set<string>();
  return problems.filter(({ path }) => !seen.has(path) && seen.add(path));
}
