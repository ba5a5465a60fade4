// What jsdom lacks of a browser; imported before anything that needs it.
import { TextDecoder, TextEncoder } from 'node:util';
import { deserialize, serialize } from 'node:v8';

if (!('TextEncoder' in globalThis)) Object.assign(globalThis, { TextDecoder, TextEncoder });

if (!('structuredClone' in globalThis))
  Object.assign(globalThis, {
    structuredClone: (value: unknown): unknown => deserialize(serialize(value)),
  });

if (!('matchMedia' in globalThis))
  Object.assign(globalThis, {
    matchMedia: (media: string) => ({
      media,
      matches: false,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
      addListener: () => undefined,
      removeListener: () => undefined,
    }),
  });

if (!('ResizeObserver' in globalThis))
  Object.assign(globalThis, {
    ResizeObserver: class {
      observe = () => undefined;
      unobserve = () => undefined;
      disconnect = () => undefined;
    },
  });

// That of Node keeps its process.
if (!('MessageChannel' in globalThis))
  Object.assign(globalThis, {
    MessageChannel: class {
      readonly port1: { onmessage: (() => void) | null } = { onmessage: null };
      readonly port2 = { postMessage: () => void setTimeout(() => this.port1.onmessage?.()) };
    },
  });
