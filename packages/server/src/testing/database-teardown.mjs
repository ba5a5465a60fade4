export default function tearDown() {
  globalThis.__stopCluster?.();
}
