let installing: Promise<void> | undefined;

/**
 * Brings the application itself onto the device; done when it is there, at once where the browser keeps none. A newer
 * one takes its place by itself. Rejects where what brings it could not be loaded.
 */
export function appOnDevice(): Promise<void> {
  installing ??= install().catch((error: unknown) => {
    // Another time there may be signal.
    installing = undefined;
    throw error;
  });
  return installing;
}

async function install(): Promise<void> {
  // Away from a secure address a browser has none, whatever its types say.
  if (!('serviceWorker' in navigator)) return;
  const { registerSW } = await import('virtual:pwa-register');
  const isThere = await new Promise<boolean>((resolve) => {
    registerSW({
      immediate: true,
      onRegisteredSW: () => resolve(true),
      onRegisterError: () => resolve(false),
    });
  });
  if (isThere) await navigator.serviceWorker.ready;
}
