/** @jest-environment jsdom */
import type { appOnDevice } from './app-on-device';

interface Registering {
  readonly onRegisteredSW?: () => void;
  readonly onRegisterError?: () => void;
}

type Register = (asked: Registering) => void;
const registerSW: jest.Mock<ReturnType<Register>, Parameters<Register>> = jest.fn();
jest.mock('virtual:pwa-register', () => ({ registerSW }), { virtual: true });

function browserWith(serviceWorker: object | undefined): void {
  if (serviceWorker === undefined) Reflect.deleteProperty(navigator, 'serviceWorker');
  else
    Object.defineProperty(navigator, 'serviceWorker', { value: serviceWorker, configurable: true });
}

let onDevice: typeof appOnDevice;
beforeEach(async () => {
  jest.resetModules();
  registerSW.mockReset();
  onDevice = (await import('./app-on-device')).appOnDevice;
});

it('is done at once where the browser keeps no application', async () => {
  browserWith(undefined);
  await onDevice();
  expect(registerSW).not.toHaveBeenCalled();
});

it('is done when the application is there, and asked for once however many wait', async () => {
  let isReady: (() => void) | undefined;
  browserWith({ ready: new Promise<void>((resolve) => (isReady = resolve)) });
  registerSW.mockImplementation(({ onRegisteredSW }) => onRegisteredSW!());
  const done: string[] = [];
  const both = ['one', 'other'].map((who) => onDevice().then(() => done.push(who)));
  await new Promise((resolve) => setTimeout(resolve));
  expect(done).toEqual([]);
  isReady!();
  await Promise.all(both);
  expect(done).toEqual(['one', 'other']);
  expect(registerSW).toHaveBeenCalledTimes(1);
});

it('waits for nothing that the browser refuses to keep', async () => {
  browserWith({ ready: new Promise(() => undefined) });
  registerSW.mockImplementation(({ onRegisterError }) => onRegisterError!());
  await onDevice();
});

it('tries again after what could not be loaded', async () => {
  browserWith({ ready: Promise.resolve() });
  registerSW.mockImplementationOnce(() => {
    throw new Error('no signal');
  });
  await expect(onDevice()).rejects.toThrow('no signal');
  registerSW.mockImplementation(({ onRegisteredSW }) => onRegisteredSW!());
  await onDevice();
  expect(registerSW).toHaveBeenCalledTimes(2);
});
