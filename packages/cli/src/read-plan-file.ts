import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import type { DocumentProblem } from '@water-clock/core/documents';
import { err, ok, type Result, fieldOf } from '@water-clock/core/kernel';
import { LARGEST_FILE_BYTES, readPlanText, type Plan } from '@water-clock/core/settings';

/** Reads a plan file; each message names the file and, for bad input, the JSON path. */
export const readPlanFile = (file: string): Result<Plan, readonly string[]> =>
  readTextFile(file, readPlanText);

/** Reads a JSON document of any other kind, told in the same way. */
export const readDocumentFile = <Value>(
  file: string,
  read: (document: unknown) => Result<Value, readonly DocumentProblem[]>,
): Result<Value, readonly string[]> =>
  readTextFile(file, (text) => {
    let document: unknown;
    try {
      document = JSON.parse(text);
    } catch {
      return err([{ path: '$', message: 'is not JSON' }]);
    }
    return read(document);
  });

function readTextFile<Value>(
  file: string,
  read: (text: string) => Result<Value, readonly DocumentProblem[]>,
): Result<Value, readonly string[]> {
  let text: string;
  try {
    if (statSync(file).size > LARGEST_FILE_BYTES) return err([`${file}: $: the file is over 5 MB`]);
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return err([unreadable(file, error)]);
  }
  const value = read(text);
  if (value.ok) return value;
  return err(value.trouble.map(({ path, message }) => `${file}: ${path}: ${message}`));
}

/** The plan files that a name stands for: itself, or the `.json` files of a folder, by name. */
export function planFilesOf(name: string): Result<readonly string[], readonly string[]> {
  try {
    if (!statSync(name).isDirectory()) return ok([name]);
    const files = readdirSync(name)
      .filter((file) => file.endsWith('.json'))
      .sort()
      .map((file) => join(name, file));
    return files.length > 0 ? ok(files) : err([`${name}: has no .json files`]);
  } catch (error) {
    return err([unreadable(name, error)]);
  }
}

const unreadable = (name: string, error: unknown): string =>
  `${name}: cannot be read (${codeOf(error)})`;

const codeOf = (error: unknown): string => {
  const code = fieldOf(error, 'code');
  return typeof code === 'string' ? code : 'error';
};
