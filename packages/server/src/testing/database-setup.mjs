// Before the server's tests: a throw-away cluster, unless one is given by TEST_DATABASE_URL.
import { startThrowAwayCluster } from '../../../../tools/cluster.js';

export default async function setUp() {
  if (process.env.TEST_DATABASE_URL) return;
  const cluster = await startThrowAwayCluster();
  process.env.TEST_DATABASE_URL = cluster.url;
  globalThis.__stopCluster = cluster.stop;
}
