import { check } from '@water-clock/core/findings';
import { plansVerb } from './plans-verb.js';
import { readFrom } from '../arguments.js';
import { printed } from '../outcome.js';

export const checkVerb = plansVerb({
  name: 'check',
  usage: 'check FILE|FOLDER … --from YYYY-MM-DD',
  summary: 'all that is wrong, with a fix for each; a folder stands for its .json files',
  options: { from: { type: 'string' } },
  read: readFrom,
  run: (plans, from) => {
    const checked = plans.map(({ file, plan }) => ({ file, findings: check(plan, from) }));
    const hasError = checked.some(({ findings }) =>
      findings.some(({ severity }) => severity === 'error'),
    );
    const [only, ...more] = checked;
    const result = only && more.length === 0 ? { findings: only.findings } : { files: checked };
    return printed(result, hasError ? 1 : 0);
  },
});
