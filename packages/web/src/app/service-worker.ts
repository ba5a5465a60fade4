import { registerSW } from 'virtual:pwa-register';

/** Installs the application on the device; a newer one takes its place by itself. */
export const registerServiceWorker = (): void => void registerSW({ immediate: true });
