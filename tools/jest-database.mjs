// Before tests that need PostgreSQL: a throw-away cluster with its templates, unless TEST_DATABASE_URL gives one.
import { startThrowAwayCluster } from './cluster.js';
import { makeTemplates } from './templates.js';

export default async function setUp() {
  if (process.env.TEST_DATABASE_URL) return;
  const cluster = await startThrowAwayCluster();
  globalThis.stopTestCluster = cluster.stop;
  makeTemplates(cluster.url);
  process.env.TEST_DATABASE_URL = cluster.url;
}
