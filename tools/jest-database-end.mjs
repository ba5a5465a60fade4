export default function tearDown() {
  globalThis.stopTestCluster?.();
  delete globalThis.stopTestCluster;
}
