import { readFileSync, statSync } from 'node:fs';
import { err, type Result } from '@water-clock/core/kernel';
import { LARGEST_FILE_BYTES, readPlanText, type Plan } from '@water-clock/core/settings';

/** Reads a plan file; each message names the file and, for bad input, the JSON path. */
export function readPlanFile(file: string): Result<Plan, readonly string[]> {
  let text: string;
  try {
    if (statSync(file).size > LARGEST_FILE_BYTES) return err([`${file}: $: the file is over 5 MB`]);
    text = readFileSync(file, 'utf8');
  } catch (error) {
    return err([`${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'error'})`]);
  }
  const read = readPlanText(text);
  if (read.ok) return read;
  return err(read.trouble.map(({ path, message }) => `${file}: ${path}: ${message}`));
}
