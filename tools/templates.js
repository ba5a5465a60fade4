// Databases that tests clone: migrating, and loading the demo, is done once for a whole test run.
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { serverProgram } from './data-folder.js';

const psql = (clusterUrl, statement) =>
  execFileSync('psql', [clusterUrl, '-Atqc', statement], { encoding: 'utf8' }).trim();

const within = (clusterUrl, database) =>
  Object.assign(new URL(clusterUrl), { pathname: `/${database}` }).href;

function make(clusterUrl, name, fill) {
  const exists = psql(clusterUrl, `SELECT 1 FROM pg_database WHERE datname = '${name}'`) === '1';
  if (exists) return;
  const draft = `draft_${randomUUID().replaceAll('-', '')}`;
  psql(clusterUrl, `CREATE DATABASE ${draft}`);
  const env = { ...process.env, DATABASE_URL: within(clusterUrl, draft) };
  for (const words of [['migrate'], ...fill])
    execFileSync(process.execPath, [serverProgram(words[0]), ...words.slice(1)], { env });
  // Under its name only when it is whole.
  psql(clusterUrl, `ALTER DATABASE ${draft} RENAME TO ${name}`);
}

export const EMPTY = 'template_empty';
export const DEMO = 'template_demo';

/** Makes both templates in a cluster, where they are not there yet. Needs a built server. */
export function makeTemplates(clusterUrl) {
  make(clusterUrl, EMPTY, []);
  make(clusterUrl, DEMO, [['load-demo']]);
}

/** A database of its own, as the template is; gives its URL. */
export function cloneTemplate(clusterUrl, template) {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  psql(clusterUrl, `CREATE DATABASE ${name} TEMPLATE ${template}`);
  return within(clusterUrl, name);
}
