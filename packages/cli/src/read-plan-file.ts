import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { err, ok, type Result } from '@water-clock/core/kernel';
import { LARGEST_FILE_BYTES, readPlanText, type Plan } from '@water-clock/core/settings';

/** Reads a plan file; each message names the file and, for bad input, the JSON path. */
export function readPlanFile(file: string): Result<Plan, readonly string[]> {
  let text: string;
  try {
    if (statSync(file).size > LARGEST_FILE_BYTES) return err([`${file}: $: the file is over 5 MB`]);
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return err([unreadable(file, error)]);
  }
  const read = readPlanText(text);
  if (read.ok) return read;
  return err(read.trouble.map(({ path, message }) => `${file}: ${path}: ${message}`));
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
  `${name}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'})`;
