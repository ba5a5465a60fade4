import type { DocumentProblem } from '@water-clock/core/documents';
import { err, type Result } from '@water-clock/core/kernel';
import { readPropertyFile, type PropertyFile } from '@water-clock/core/property-file';
import type { Task } from '../computing/task.js';
import { visitProblems } from './visits-in-file.js';

/** A home with all of its copies may be large: it is read where nobody waits for it. */
export const READ_PROPERTY_FILE_TASK: Task<
  unknown,
  Result<PropertyFile, readonly DocumentProblem[]>
> = {
  name: 'read-property-file',
  limitMs: 10_000,
  work: (document) => {
    const read = readPropertyFile(document);
    if (!read.ok) return read;
    const problems = visitProblems(read.value);
    return problems.length === 0 ? read : err(problems);
  },
};
